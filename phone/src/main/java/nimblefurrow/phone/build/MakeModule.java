package nimblefurrow.phone.build;

import java.io.File;
import java.util.List;
import nimblefurrow.phone.Counts;
import org.teavm.backend.javascript.JSModuleType;
import org.teavm.diagnostics.Problem;
import org.teavm.tooling.TeaVMTargetType;
import org.teavm.tooling.TeaVMTool;
import org.teavm.vm.TeaVMOptimizationLevel;

/** Compiles {@link Counts} and all it needs to one module of the browser's language. */
public final class MakeModule {
  private MakeModule() {}

  /**
   * Makes {@code core.js}.
   *
   * @param args the directory it is put in
   * @throws Exception when it cannot be written
   * @throws IllegalStateException when some of it cannot be compiled
   */
  public static void main(String[] args) throws Exception {
    File directory = new File(args[0]);
    File made = new File(directory, "core.js");
    TeaVMTool tool = new TeaVMTool();
    tool.setTargetType(TeaVMTargetType.JAVASCRIPT);
    tool.setMainClass(Counts.class.getName());
    tool.setTargetDirectory(directory);
    tool.setTargetFileName(made.getName());
    tool.setJsModuleType(JSModuleType.ES2015);
    tool.setObfuscated(true);
    tool.setOptimizationLevel(TeaVMOptimizationLevel.ADVANCED);
    tool.setClassLoader(Thread.currentThread().getContextClassLoader());
    tool.generate();
    List<Problem> problems = tool.getProblemProvider().getSevereProblems();
    if (!problems.isEmpty()) {
      throw new IllegalStateException(
          String.join(
              "\n",
              problems.stream().map(p -> p.getText() + " " + List.of(p.getParams())).toList()));
    }
  }
}
