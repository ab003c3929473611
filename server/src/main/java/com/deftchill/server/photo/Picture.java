package com.deftchill.server.photo;

import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.problem.NotUnderstoodException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadWarningListener;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;

/**
 * A picture as it is kept: upright, at most {@value #LONGEST} pixels long and {@value #MOST_BYTES} bytes large, without anything that
 * stood in the file besides. It is read without trust: its kind by what is in it, its size from the header before a pixel is decoded,
 * no more pixels than are kept.
 *
 * @param large JPEG
 * @param small JPEG of the list
 */
record Picture(byte[] large, byte[] small, int width, int height) {
    private static final int LONGEST = 2000;
    private static final int SMALL = 320;
    private static final int HEAD = 256 * 1024;
    static final int MOST_BYTES = 2 * 1024 * 1024;
    private static final long MOST_PIXELS = 60_000_000;
    private static final Set<String> KINDS = Set.of("jpeg", "png", "webp");
    private static final double[] QUALITIES = {0.88, 0.8, 0.7, 0.55, 0.4};

    /**
     * Reads a file.
     *
     * @throws NotUnderstoodException where it is no picture, too large, or ends too early
     */
    static Picture of(Path file) throws IOException {
        try (var in = ImageIO.createImageInputStream(file.toFile())) {
            var readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw refused(Problem.rule("photo.kind"));
            }
            var reader = readers.next();
            try {
                if (!KINDS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    throw refused(Problem.rule("photo.kind"));
                }
                return of(reader, in);
            } finally {
                reader.dispose();
            }
        }
    }

    private static Picture of(ImageReader reader, ImageInputStream in) throws IOException {
        BufferedImage image;
        try {
            reader.setInput(in, true, false);
            long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            if (pixels > MOST_PIXELS) {
                throw refused(Problem.rule("photo.pixels")
                        .with("pixels", Argument.figure(pixels / 1e6, 0))
                        .with("most", Argument.figure(MOST_PIXELS / 1e6, 0)));
            }
            image = upright(reader, decoded(reader));
        } catch (IOException | RuntimeException e) {
            if (e instanceof NotUnderstoodException) {
                throw e;
            }
            throw refused(Problem.rule("photo.broken"));
        }
        var large = within(image, LONGEST);
        return new Picture(bytes(large), jpeg(within(large, SMALL), QUALITIES[1]), large.getWidth(), large.getHeight());
    }

    /** Of a large picture only every so many pixels are kept. */
    private static BufferedImage decoded(ImageReader reader) throws IOException {
        var broken = new AtomicBoolean();
        reader.addIIOReadWarningListener((IIOReadWarningListener) (source, warning) -> broken.set(true));
        var wish = reader.getDefaultReadParam();
        int longest = Math.max(reader.getWidth(0), reader.getHeight(0));
        int every = Math.max(1, longest / LONGEST);
        wish.setSourceSubsampling(every, every, 0, 0);
        var image = reader.read(0, wish);
        if (broken.get()) {
            throw refused(Problem.rule("photo.broken"));
        }
        return image;
    }

    private static BufferedImage upright(ImageReader reader, BufferedImage image) {
        try {
            var orientation = ExifUtils.getExifOrientation(reader, 0);
            return orientation == null
                    ? image
                    : ExifFilterUtils.getFilterForOrientation(orientation).apply(image);
        } catch (IOException | RuntimeException e) {
            // What it says of how it was held is not to be read: it stays as it lies.
            return image;
        }
    }

    /** On white, where it lets something through. */
    private static BufferedImage within(BufferedImage image, int longest) throws IOException {
        double by = Math.min(1, (double) longest / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(by * image.getWidth()));
        int height = Math.max(1, (int) Math.round(by * image.getHeight()));
        var smaller = by < 1 ? Thumbnails.of(image).forceSize(width, height).asBufferedImage() : image;
        var plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D drawn = plain.createGraphics();
        drawn.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        drawn.drawImage(smaller, 0, 0, Color.WHITE, null);
        drawn.dispose();
        return plain;
    }

    private static byte[] bytes(BufferedImage image) throws IOException {
        byte[] bytes = new byte[0];
        for (double quality : QUALITIES) {
            bytes = jpeg(image, quality);
            if (bytes.length <= MOST_BYTES) {
                break;
            }
        }
        return bytes;
    }

    private static byte[] jpeg(BufferedImage image, double quality) throws IOException {
        var out = new ByteArrayOutputStream();
        Thumbnails.of(image).scale(1).outputFormat("jpg").outputQuality(quality).toOutputStream(out);
        return out.toByteArray();
    }

    /**
     * Whether a file is such as is kept here anyway: a JPEG of at most so many bytes and pixels that says nothing of where it was
     * taken. Made anew it would only lose.
     */
    static boolean isAsKept(byte[] file, Picture made) throws IOException {
        if (file.length > MOST_BYTES || file.length < 2 || (file[0] & 0xFF) != 0xFF || (file[1] & 0xFF) != 0xD8) {
            return false;
        }
        var head = new String(file, 0, Math.min(file.length, HEAD), StandardCharsets.ISO_8859_1);
        if (head.contains("Exif\0") || head.contains("http://ns.adobe.com/xap/")) {
            return false;
        }
        var image = ImageIO.read(new ByteArrayInputStream(file));
        return image != null && image.getWidth() == made.width() && image.getHeight() == made.height();
    }

    static NotUnderstoodException refused(Message rule) {
        return new NotUnderstoodException(List.of(Problem.of("photo-invalid", "", "The photo", "", rule)));
    }
}
