package ruxel.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Optional;
import java.util.zip.Deflater;
import java.util.zip.GZIPOutputStream;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Compresses what carries a version as its ETag. The server itself leaves such answers as they are, since their bytes would no longer
 * be those of the tag; ours stands for a version of the garment and not for bytes, and nothing of it is kept by browsers.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
final class TaggedCompression extends OncePerRequestFilter {
  @Override
  protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain) throws ServletException, IOException {
    boolean accepts = Optional.ofNullable(request.getHeader(HttpHeaders.ACCEPT_ENCODING)).filter(codings -> codings.contains("gzip")).isPresent();
    if (!accepts) {
      chain.doFilter(request, response);
      return;
    }
    Compressed compressed = new Compressed(response);
    try {
      chain.doFilter(request, compressed);
      compressed.finish();
    } finally {
      compressed.letGo();
    }
  }

  private static final class Compressed extends HttpServletResponseWrapper {
    private Optional<Body> body = Optional.empty();

    Compressed(HttpServletResponse response) {
      super(response);
    }

    @Override
    public ServletOutputStream getOutputStream() throws IOException {
      if (body.isEmpty() && containsHeader(HttpHeaders.ETAG) && !isCommitted()) {
        setHeader(HttpHeaders.CONTENT_ENCODING, "gzip");
        addHeader(HttpHeaders.VARY, "accept-encoding");
        body = Optional.of(new Body(super.getOutputStream()));
      }
      return body.isPresent() ? body.get() : super.getOutputStream();
    }

    @Override
    public void setContentLength(int length) {
      setContentLengthLong(length);
    }

    @Override
    public void setContentLengthLong(long length) {
      if (!containsHeader(HttpHeaders.ETAG)) {
        super.setContentLengthLong(length);
      }
    }

    /** What was begun is not sent; a refusal in its place begins anew. */
    @Override
    public void reset() {
      super.reset();
      letGo();
    }

    @Override
    public void resetBuffer() {
      super.resetBuffer();
      letGo();
    }

    void finish() throws IOException {
      if (body.isPresent()) {
        body.get().gzip.finish();
      }
    }

    /** The memory of a compressor lies outside the heap: it is given back at once. */
    void letGo() {
      body.ifPresent(begun -> begun.gzip.end());
      body = Optional.empty();
    }
  }

  private static final class Fast extends GZIPOutputStream {
    private static final int BUFFER = 8192;

    Fast(OutputStream out) throws IOException {
      super(out, BUFFER);
      def.setLevel(Deflater.BEST_SPEED);
    }

    void end() {
      def.end();
    }
  }

  private static final class Body extends ServletOutputStream {
    private final ServletOutputStream out;
    private final Fast gzip;

    Body(ServletOutputStream out) throws IOException {
      this.out = out;
      gzip = new Fast(out);
    }

    @Override
    public void write(int one) throws IOException {
      gzip.write(one);
    }

    @Override
    public void write(byte[] bytes, int from, int length) throws IOException {
      gzip.write(bytes, from, length);
    }

    @Override
    public boolean isReady() {
      return out.isReady();
    }

    @Override
    public void setWriteListener(WriteListener listener) {
      out.setWriteListener(listener);
    }
  }
}
