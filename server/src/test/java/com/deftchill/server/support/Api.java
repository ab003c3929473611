package com.deftchill.server.support;

import com.deftchill.server.support.RunningServer.Server;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpHeaders;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Speaks plain HTTP and JSON to the server, as any client would. */
public final class Api {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpClient client = HttpClient.newHttpClient();
    private final String address;
    private final String session;
    private final String question;

    /** The head of the server's first kitchen. */
    public Api(Server server) {
        this(server.address(), server.session(), "");
    }

    private Api(String address, String session, String question) {
        this.address = address;
        this.session = session;
        this.question = question;
    }

    /** Asks as a page does: page.kind.number. */
    public Api asking(String pageKindNumber) {
        return new Api(address, session, pageKindNumber);
    }

    /** Somebody else, by their session; empty: somebody who has not signed in. */
    public Api as(String otherSession) {
        return new Api(address, otherSession, question);
    }

    /** An answer: its status, its headers and its body. */
    public record Answer(int status, HttpHeaders headers, String text) {
        public String contentType() {
            return header("Content-Type");
        }

        public String header(String name) {
            return headers.firstValue(name).orElse("");
        }

        public JsonNode json() {
            return JSON.readTree(text);
        }
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    /** A header of the answer to a GET. */
    public String head(String path, String header) {
        try {
            return client.send(request(path).GET().build(), BodyHandlers.ofString())
                    .headers()
                    .firstValue(header)
                    .orElse("");
        } catch (IOException e) {
            throw new IllegalStateException("no answer from " + address, e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public Answer post(String path, String body) {
        return send(request(path).header("Content-Type", "application/json").POST(BodyPublishers.ofString(body)));
    }

    public Answer put(String path, String body) {
        return send(request(path).header("Content-Type", "application/json").PUT(BodyPublishers.ofString(body)));
    }

    /** Changes what is at an address by a JSON Patch. */
    public Answer patch(String path, String body) {
        return send(request(path)
                .header("Content-Type", "application/json-patch+json")
                .method("PATCH", BodyPublishers.ofString(body)));
    }

    public Answer delete(String path) {
        return send(request(path).DELETE());
    }

    /** A document of the demo kitchen, to be changed at will. */
    public static ObjectNode demo(String name) {
        try (var stream = Api.class.getResourceAsStream("/demo/" + name + ".json")) {
            return (ObjectNode) JSON.readTree(new String(stream.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new IllegalStateException(name, e);
        }
    }

    /** An empty JSON object. */
    public static ObjectNode json() {
        return JSON.createObjectNode();
    }

    /** A node written as JSON. */
    public static ObjectNode node(String text) {
        return (ObjectNode) JSON.readTree(text);
    }

    /** Sends text of another kind than JSON. */
    public Answer postText(String path, String body, String contentType) {
        return send(request(path).header("Content-Type", contentType).POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** Sends bytes, such as a photo. */
    public Answer postBytes(String path, byte[] body, String contentType) {
        return send(request(path).header("Content-Type", contentType).POST(BodyPublishers.ofByteArray(body)));
    }

    /** What is at an address, as bytes. */
    public byte[] getBytes(String path) {
        try {
            var response = client.send(request(path).GET().build(), BodyHandlers.ofByteArray());
            if (response.statusCode() != 200) {
                throw new IllegalStateException(
                        response.statusCode() + " " + new String(response.body(), StandardCharsets.UTF_8));
            }
            return response.body();
        } catch (IOException e) {
            throw new IllegalStateException("no answer from " + address, e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** What is at an address, as text. */
    public String getText(String path) {
        return get(path).text();
    }

    private HttpRequest.Builder request(String path) {
        var request = Door.with(HttpRequest.newBuilder(URI.create(address + path)), session);
        return question.isEmpty() ? request : request.header("Deft-Chill-Question", question);
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = client.send(request.build(), BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.headers(), response.body());
        } catch (IOException e) {
            throw new IllegalStateException("no answer from " + address, e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
