package com.deftchill.server.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Draws what a camera would have seen of the demo kitchen's batches: no photo of anybody's ships with the application. */
final class DemoPictures {
    private static final int WIDTH = 960;
    private static final int HEIGHT = 720;
    private static final Color TABLE = new Color(0x8E, 0x9C, 0x93);
    private static final Color WALL = new Color(0xD8, 0xDE, 0xD6);
    private static final Color PLATE = new Color(0xF4, 0xF3, 0xEE);
    private static final Color SHADE = new Color(0, 0, 0, 46);

    private DemoPictures() {}

    /**
     * A dessert on its plate.
     *
     * @param cream its colour
     * @param sunk how much of its height it has lost, 0 to 1
     * @param marks small divots in its side
     */
    static byte[] plated(Color cream, double sunk, boolean marks) {
        var image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        var g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setPaint(new GradientPaint(0, 0, WALL, 0, 430, WALL.darker()));
        g.fillRect(0, 0, WIDTH, 430);
        g.setPaint(new GradientPaint(0, 430, TABLE.brighter(), 0, HEIGHT, TABLE));
        g.fillRect(0, 430, WIDTH, HEIGHT - 430);
        plate(g);
        body(g, cream, 300 * (1 - sunk), 1 + 0.7 * sunk);
        if (marks) {
            g.setColor(cream.darker());
            for (int i = 0; i < 4; i++) {
                g.fill(new Ellipse2D.Double(410 + 52 * i, 330 + 34 * (i % 3), 16, 10));
            }
        }
        g.dispose();
        return png(image);
    }

    private static void plate(Graphics2D g) {
        g.setColor(SHADE);
        g.fill(new Ellipse2D.Double(140, 520, 700, 150));
        g.setColor(PLATE);
        g.fill(new Ellipse2D.Double(130, 490, 700, 150));
        g.setColor(PLATE.darker());
        g.setStroke(new BasicStroke(3));
        g.draw(new Ellipse2D.Double(200, 508, 560, 108));
    }

    /** A truncated cone that stands, its foot spread by how far it sank. */
    private static void body(Graphics2D g, Color cream, double height, double spread) {
        double middle = WIDTH / 2.0;
        double foot = 165 * spread;
        double top = 130;
        double base = 560;
        var side = new Path2D.Double();
        side.moveTo(middle - foot, base);
        side.quadTo(middle - top - 10, base - height / 2, middle - top, base - height);
        side.lineTo(middle + top, base - height);
        side.quadTo(middle + top + 10, base - height / 2, middle + foot, base);
        side.closePath();
        g.setColor(SHADE);
        g.fill(new Ellipse2D.Double(middle - foot - 10, base - 22, 2 * foot + 90, 62));
        g.setPaint(new GradientPaint(
                (float) (middle - foot), 0, cream.brighter(), (float) (middle + foot), 0, cream.darker()));
        g.fill(side);
        g.fill(new Ellipse2D.Double(middle - foot, base - 28, 2 * foot, 56));
        g.setColor(cream.brighter());
        g.fill(new Ellipse2D.Double(middle - top, base - height - 26, 2 * top, 52));
    }

    private static byte[] png(BufferedImage image) {
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
