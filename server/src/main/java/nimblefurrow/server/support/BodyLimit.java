package nimblefurrow.server.support;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What is sent fits: bodies are no larger than anything this program asks for, and no more files
 * are read at once than the heap holds. Whoever comes too many waits, then hears why.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {
  /** Thirty years of hours would not come as JSON; a season's weather is some sixty kilobytes. */
  static final int MOST_BYTES = 2 * 1024 * 1024;

  private static final int MOST_OF_A_PICTURE = 10 * 1024 * 1024;
  private static final int MOST_OF_AN_ARCHIVE = 1 << 30;
  private static final int FILES_AT_ONCE = 3;
  private static final long PATIENCE_S = 10;

  private final Semaphore files = new Semaphore(FILES_AT_ONCE, true);

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String type = request.getContentType();
    String kind = type == null ? "" : type.toLowerCase(Locale.ROOT);
    if (kind.startsWith("multipart/")) {
      oneOfFew(request, response, chain);
    } else if (kind.startsWith("image/")) {
      if (request.getContentLengthLong() > MOST_OF_A_PICTURE) {
        refuse(response, 413, "The picture is larger than 10 MB; send a smaller one.");
      } else {
        oneOfFew(new Bounded(request, MOST_OF_A_PICTURE), response, chain);
      }
    } else if (kind.startsWith("application/zip")) {
      if (request.getContentLengthLong() > MOST_OF_AN_ARCHIVE) {
        refuse(response, 413, "The archive is larger than 1 GB; nothing here is as large.");
      } else {
        oneOfFew(new Bounded(request, MOST_OF_AN_ARCHIVE), response, chain);
      }
    } else if (request.getContentLengthLong() > MOST_BYTES) {
      refuse(response, 413, "What is sent is larger than 2 MB; nothing here needs as much.");
    } else {
      chain.doFilter(new Bounded(request, MOST_BYTES), response);
    }
  }

  private void oneOfFew(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    boolean mine = false;
    try {
      mine = files.tryAcquire(PATIENCE_S, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    if (!mine) {
      refuse(response, 503, "Others are sending files just now; try again in a moment.");
      return;
    }
    try {
      chain.doFilter(request, response);
    } finally {
      files.release();
    }
  }

  private static void refuse(HttpServletResponse response, int status, String sentence)
      throws IOException {
    response.setStatus(status);
    response.setContentType("application/problem+json");
    response.setCharacterEncoding(StandardCharsets.UTF_8.name());
    response.getWriter().write("{\"status\":%d,\"detail\":\"%s\"}".formatted(status, sentence));
  }

  /** A body whose length nobody told, counted as it is read. */
  private static final class Bounded extends HttpServletRequestWrapper {
    private final int most;

    Bounded(HttpServletRequest request, int most) {
      super(request);
      this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      return new Counted(super.getInputStream(), most);
    }
  }

  private static final class Counted extends ServletInputStream {
    private final ServletInputStream body;
    private final int most;
    private long read;

    Counted(ServletInputStream body, int most) {
      this.body = body;
      this.most = most;
    }

    private int counted(int bytes) throws IOException {
      read += Math.max(0, bytes);
      if (read > most) {
        throw new IOException("the body is larger than any that is expected");
      }
      return bytes;
    }

    @Override
    public int read() throws IOException {
      int one = body.read();
      counted(one < 0 ? 0 : 1);
      return one;
    }

    @Override
    public int read(byte[] into, int from, int count) throws IOException {
      return counted(body.read(into, from, count));
    }

    @Override
    public boolean isFinished() {
      return body.isFinished();
    }

    @Override
    public boolean isReady() {
      return body.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      body.setReadListener(listener);
    }
  }
}
