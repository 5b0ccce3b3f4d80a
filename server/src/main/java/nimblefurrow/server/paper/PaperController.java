package nimblefurrow.server.paper;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.paper.PaperHolder;
import nimblefurrow.core.paper.PaperKind;
import nimblefurrow.server.people.Access;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Papers. A file is only ever handed out to be kept, never shown where it could run. */
@RestController
@RequestMapping("/api/farms/{farmId}/papers")
class PaperController {
  private final PaperService papers;
  private final Access access;

  PaperController(PaperService papers, Access access) {
    this.papers = papers;
    this.access = access;
  }

  @GetMapping
  List<PaperView> of(@PathVariable UUID farmId) {
    access.see(farmId);
    return papers.of(farmId);
  }

  @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  PaperView add(
      @PathVariable UUID farmId,
      @RequestParam PaperHolder holder,
      @RequestParam UUID holderId,
      @RequestParam PaperKind kind,
      @RequestParam("file") MultipartFile file)
      throws IOException {
    access.work(farmId);
    String said = file.getOriginalFilename();
    String name = said == null || said.isBlank() ? kind.label() : said.strip();
    UUID id =
        papers.add(farmId, holder, holderId, kind, name, file.getBytes(), access.person().id());
    return papers.of(farmId).stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
  }

  @GetMapping("/{paperId}")
  ResponseEntity<byte[]> file(@PathVariable UUID farmId, @PathVariable UUID paperId) {
    access.see(farmId);
    PaperService.File file = papers.file(farmId, paperId);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(file.name(), StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(file.bytes());
  }

  @DeleteMapping("/{paperId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID paperId) {
    access.work(farmId);
    papers.put(farmId, paperId, true);
  }

  @PostMapping("/{paperId}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable UUID farmId, @PathVariable UUID paperId) {
    access.work(farmId);
    papers.put(farmId, paperId, false);
  }
}
