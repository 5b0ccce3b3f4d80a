package nimblefurrow.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;

/** A device that answers on loopback only. */
public final class Device implements AutoCloseable {
  private final HttpServer server;

  private Device(HttpServer server) {
    this.server = server;
  }

  /** Text with its media type. */
  public record Answer(int status, String type, String text) {
    static Answer json(String text) {
      return new Answer(200, "application/json", text);
    }

    static Answer csv(String text) {
      return new Answer(200, "text/csv", text);
    }

    static Answer refused(String sentence) {
      return new Answer(422, "application/json", "{\"detail\":\"" + sentence + "\"}");
    }
  }

  /** What a path answers to a body. */
  public interface Handler {
    Answer answer(String body);
  }

  /**
   * Opens a device.
   *
   * @param port to listen on; 0 takes any that is free
   */
  static Device open(int port) throws IOException {
    InetAddress loopback = InetAddress.getLoopbackAddress();
    Device device = new Device(HttpServer.create(new InetSocketAddress(loopback, port), 0));
    device.server.start();
    return device;
  }

  Device on(String path, Handler handler) {
    server.createContext(path, exchange -> answer(exchange, handler));
    return this;
  }

  private static void answer(HttpExchange exchange, Handler handler) throws IOException {
    String body = new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8);
    Answer answer = handler.answer(body);
    byte[] bytes = answer.text().getBytes(StandardCharsets.UTF_8);
    exchange.getResponseHeaders().set("Content-Type", answer.type() + "; charset=utf-8");
    exchange.sendResponseHeaders(answer.status(), bytes.length);
    exchange.getResponseBody().write(bytes);
    exchange.close();
  }

  /** The port it listens on. */
  public int port() {
    return server.getAddress().getPort();
  }

  @Override
  public void close() {
    server.stop(0);
  }
}
