package ruxel.app.web;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Semaphore;

/**
 * The body of a write, read whole and within bounds before anything else is done with the request: so many bytes, so
 * many seconds, and not too many large ones at once.
 */
final class ReadBody {
  /** Of a garment file; a little more than the file reader takes, so that it can say what is too much. */
  private static final int MOST_BYTES_OF_FILE = 6 * 1024 * 1024;

  private static final int MOST_BYTES = 1024 * 1024;
  private static final int SMALL_BYTES = 64 * 1024;
  private static final int MOST_LARGE_AT_ONCE = 24;
  private static final long LONGEST_NANOS = 15_000_000_000L;
  private static final Semaphore LARGE = new Semaphore(MOST_LARGE_AT_ONCE);

  /** Why a body is not taken, with the status that says so. */
  static final class Refusal extends IOException {
    private static final long serialVersionUID = 1L;
    private final int status;

    Refusal(int status, String message) {
      super(message);
      this.status = status;
    }

    int status() {
      return status;
    }
  }

  private ReadBody() {}

  /** The request with its body in memory. */
  static HttpServletRequest of(HttpServletRequest request) throws IOException {
    int most = request.getRequestURI().equals("/api/garments/import") ? MOST_BYTES_OF_FILE : MOST_BYTES;
    if (request.getContentLengthLong() > most) {
      throw tooLarge(most);
    }
    byte[] body = bytes(request.getInputStream(), most);
    return new HttpServletRequestWrapper(request) {
      @Override
      public ServletInputStream getInputStream() {
        return new Stored(body);
      }

      @Override
      public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
      }
    };
  }

  private static byte[] bytes(InputStream in, int most) throws IOException {
    ByteArrayOutputStream read = new ByteArrayOutputStream();
    byte[] buffer = new byte[8192];
    long deadline = System.nanoTime() + LONGEST_NANOS;
    boolean holds = false;
    try {
      for (int count = in.read(buffer); count >= 0; count = in.read(buffer)) {
        read.write(buffer, 0, count);
        if (read.size() > most) {
          throw tooLarge(most);
        }
        if (!holds && read.size() > SMALL_BYTES) {
          holds = LARGE.tryAcquire();
          if (!holds) {
            throw new Refusal(503, "Too many large requests come in at once. Try again in a moment.");
          }
        }
        if (System.nanoTime() > deadline) {
          throw tooSlow();
        }
      }
      return read.toByteArray();
    } catch (SocketTimeoutException e) {
      throw tooSlow();
    } finally {
      if (holds) {
        LARGE.release();
      }
    }
  }

  private static Refusal tooLarge(int most) {
    return new Refusal(413, "This request is larger than the %d kB that are taken here. Send less at once.".formatted(most / 1024));
  }

  private static Refusal tooSlow() {
    return new Refusal(408, "The rest of this request did not come in time. Send it again.");
  }

  private static final class Stored extends ServletInputStream {
    private final ByteArrayInputStream bytes;

    Stored(byte[] body) {
      bytes = new ByteArrayInputStream(body);
    }

    @Override
    public int read() {
      return bytes.read();
    }

    @Override
    public int read(byte[] buffer, int offset, int length) {
      return bytes.read(buffer, offset, length);
    }

    @Override
    public boolean isFinished() {
      return bytes.available() == 0;
    }

    @Override
    public boolean isReady() {
      return true;
    }

    @Override
    public void setReadListener(ReadListener listener) {
      throw new IllegalStateException("The body is in memory already");
    }
  }
}
