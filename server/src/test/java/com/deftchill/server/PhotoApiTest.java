package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.RunningServer;
import com.deftchill.server.support.RunningServer.Server;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningServer.class)
class PhotoApiTest {
    private Api api;
    private String batch;

    @BeforeEach
    void begin(Server server) {
        api = new Api(server);
        var formula = api.post("/api/formulas", Api.demo("pear-bay").toString())
                .json()
                .at("/id")
                .asString();
        var made =
                Api.json().put("madeOn", "2026-05-03").put("pouredAt", "14:00").put("outcome", "CLEAN");
        made.set("document", Api.demo("pear-bay"));
        batch = api.post("/api/formulas/" + formula + "/batches", made.toString())
                .json()
                .at("/id")
                .asString();
    }

    private Api.Answer send(String id, byte[] bytes, String kind) {
        return api.postBytes("/api/log/batches/" + batch + "/photos?id=" + id + "&by=Ilke&caption=plated", bytes, kind);
    }

    private static BufferedImage drawn(int width, int height) {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setColor(Color.ORANGE);
        g.fillRect(0, 0, width / 2, height);
        g.dispose();
        return image;
    }

    private static byte[] written(BufferedImage image, String kind) throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, kind, out);
        return out.toByteArray();
    }

    @Test
    void aPhotoIsKeptSmallAndOnce() throws IOException {
        var id = UUID.randomUUID().toString();
        var bytes = written(drawn(3000, 1500), "jpg");
        assertThat(send(id, bytes, "image/jpeg").status()).isEqualTo(201);
        assertThat(send(id, bytes, "image/jpeg").status()).isEqualTo(201);
        var photos = api.get("/api/log/batches/" + batch).json().at("/photos");
        assertThat(photos).hasSize(1);
        assertThat(photos.at("/0/caption").asString()).isEqualTo("plated");
        var kept = ImageIO.read(new ByteArrayInputStream(api.getBytes("/api/photos/" + id)));
        assertThat(Math.max(kept.getWidth(), kept.getHeight())).isBetween(1400, 2000);
        assertThat((double) kept.getWidth() / kept.getHeight()).isBetween(1.99, 2.01);
        var small = ImageIO.read(new ByteArrayInputStream(api.getBytes("/api/photos/" + id + "/small")));
        assertThat(small.getWidth()).isEqualTo(320);
        assertThat(api.head("/api/photos/" + id, "Cache-Control")).contains("immutable");
        assertThat(api.delete("/api/photos/" + id).status()).isEqualTo(204);
        assertThat(api.get("/api/photos/" + id).status()).isEqualTo(404);
    }

    @Test
    void itStandsUprightAndDoesNotTellWhereItWasTaken() throws IOException {
        // Held on its side: the EXIF block says "turn by 90 degrees", and says where.
        var bytes = withExif(written(drawn(400, 200), "jpg"), 6, "GPS 48.2 16.3");
        assertThat(new String(bytes, StandardCharsets.ISO_8859_1)).contains("GPS 48.2");
        var id = UUID.randomUUID().toString();
        assertThat(send(id, bytes, "image/jpeg").status()).isEqualTo(201);
        var kept = api.getBytes("/api/photos/" + id);
        assertThat(new String(kept, StandardCharsets.ISO_8859_1))
                .doesNotContain("GPS 48.2")
                .doesNotContain("Exif");
        var image = ImageIO.read(new ByteArrayInputStream(kept));
        assertThat(image.getHeight()).isEqualTo(400);
        // What was left is now above.
        assertThat(new Color(image.getRGB(100, 50)).getRed()).isGreaterThan(200);
        assertThat(new Color(image.getRGB(100, 350)).getRed()).isLessThan(60);
    }

    /** A JPEG with an EXIF block of an orientation and some text. */
    private static byte[] withExif(byte[] jpeg, int orientation, String text) {
        var note = text.getBytes(StandardCharsets.US_ASCII);
        var tiff = ByteBuffer.allocate(8 + 2 + 12 + 4 + note.length);
        tiff.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        tiff.putShort((short) 1).putShort((short) 0x0112).putShort((short) 3).putInt(1);
        tiff.putShort((short) orientation).putShort((short) 0).putInt(0).put(note);
        var block = ByteBuffer.allocate(4 + 6 + tiff.capacity());
        block.putShort((short) 0xFFE1).putShort((short) (2 + 6 + tiff.capacity()));
        block.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII)).put(tiff.array());
        var all = ByteBuffer.allocate(jpeg.length + block.capacity());
        all.put(jpeg, 0, 2).put(block.array()).put(jpeg, 2, jpeg.length - 2);
        return all.array();
    }

    @Test
    void pngAndWebpAreReadToo() throws IOException {
        assertThat(send(UUID.randomUUID().toString(), written(drawn(300, 200), "png"), "image/png")
                        .status())
                .isEqualTo(201);
        // One pixel, lossless, as the format's description has it.
        var webp = java.util.Base64.getDecoder().decode("UklGRhoAAABXRUJQVlA4TA0AAAAvAAAAEAcQERGIiP4HAA==");
        assertThat(send(UUID.randomUUID().toString(), webp, "image/webp").status())
                .isEqualTo(201);
    }

    @Test
    void whatIsNoPictureIsRefusedWithAReason() throws IOException {
        refused("no picture".getBytes(StandardCharsets.UTF_8), "JPEG, PNG or WebP");
        var whole = written(drawn(800, 800), "jpg");
        refused(Arrays.copyOf(whole, whole.length / 2), "cut off");
        var png = written(drawn(800, 800), "png");
        refused(Arrays.copyOf(png, png.length / 2), "cut off");
        refused(written(drawn(20, 20), "gif"), "JPEG, PNG or WebP");
        refused(bomb(), "megapixels");
        refused(new byte[15 * 1024 * 1024 + 1], "at most 15 MB");
        // Also where it is more than any body may have.
        var larger = send(UUID.randomUUID().toString(), new byte[17 * 1024 * 1024], "image/jpeg");
        assertThat(larger.status()).as(larger.text()).isEqualTo(413);
        assertThat(larger.text()).contains("15 MB");
        refused(new byte[0], "JPEG, PNG or WebP");
        assertThat(api.get("/api/log/batches/" + batch).json().at("/photos")).isEmpty();
    }

    private void refused(byte[] bytes, String why) {
        var answer = send(UUID.randomUUID().toString(), bytes, "image/jpeg");
        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.text()).contains(why);
    }

    /** A few bytes that say they are 50,000 pixels wide and high. */
    private static byte[] bomb() throws IOException {
        var png = written(drawn(8, 8), "png");
        var header = ByteBuffer.wrap(png);
        header.putInt(16, 50_000).putInt(20, 50_000);
        var crc = new CRC32();
        crc.update(png, 12, 17);
        header.putInt(29, (int) crc.getValue());
        return png;
    }

    @Test
    void eightAtOnceAreKept() throws IOException {
        var image = new BufferedImage(2400, 1800, BufferedImage.TYPE_INT_RGB);
        var random = new Random(1);
        for (int i = 0; i < 2000; i++) {
            image.setRGB(random.nextInt(2400), random.nextInt(1800), random.nextInt());
        }
        var bytes = written(image, "png");
        var states = IntStream.range(0, 8)
                .parallel()
                .mapToObj(i ->
                        send(UUID.randomUUID().toString(), bytes, "image/png").status())
                .toList();
        assertThat(states).containsOnly(201);
        assertThat(api.get("/api/log/batches/" + batch).json().at("/photos")).hasSize(8);
    }

    @Test
    void ofNoBatchItIsNotKept() throws IOException {
        var answer = api.postBytes(
                "/api/log/batches/" + UUID.randomUUID() + "/photos?id=" + UUID.randomUUID(),
                written(drawn(30, 30), "png"),
                "image/png");
        assertThat(answer.status()).isEqualTo(404);
    }
}
