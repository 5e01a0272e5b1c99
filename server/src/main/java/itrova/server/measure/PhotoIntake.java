package itrova.server.measure;

import itrova.core.record.Job;
import itrova.core.record.Trail;
import itrova.server.api.BadInputException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;

/**
 * Takes a photo in: looks at what it is, not at what it is called, and draws it anew, so that nothing but pixels is kept: no
 * place of taking, no hidden second file.
 */
public final class PhotoIntake {
    private static final Set<String> FORMATS = Set.of("jpeg", "png");
    private static final long MOST_PIXELS = 50_000_000;
    /** No more pixels than this are ever held in memory: larger photos are read coarser. */
    private static final long MOST_HELD = 6_000_000;

    private static final int LONGEST_SIDE = 1600;
    private static final float QUALITY = 0.85f;

    private PhotoIntake() {}

    /** A photo drawn anew. */
    public record Photo(int width, int height, byte[] jpeg) {}

    /** A job from elsewhere with its photos drawn anew. */
    public static Job drawnAnew(Job job) {
        List<Trail.Photo> plain = job.trail().photos().stream()
                .map(p -> {
                    Photo photo = take(decoded(p.jpeg()));
                    return new Trail.Photo(
                            p.axle(),
                            p.reading(),
                            p.by(),
                            p.at(),
                            photo.width(),
                            photo.height(),
                            Base64.getEncoder().encodeToString(photo.jpeg()));
                })
                .toList();
        return job.with(new Trail(job.trail().changes(), plain, job.trail().entries()));
    }

    private static byte[] decoded(String base64) {
        try {
            return Base64.getDecoder().decode(base64);
        } catch (IllegalArgumentException e) {
            throw notAPicture();
        }
    }

    /** @throws BadInputException if it is not a JPEG or PNG picture, or has too many pixels */
    public static Photo take(byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw notAPicture();
            }
            ImageReader reader = readers.next();
            try {
                if (!FORMATS.contains(reader.getFormatName().toLowerCase(java.util.Locale.ROOT))) {
                    throw notAPicture();
                }
                reader.setInput(in, true, true);
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw BadInputException.of(
                            "photo",
                            pixels + " pixels",
                            "The photo has more than 50 million pixels. Take it with a lower resolution.");
                }
                ImageReadParam how = reader.getDefaultReadParam();
                int step = (int) Math.ceil(Math.sqrt(pixels / (double) MOST_HELD));
                how.setSourceSubsampling(step, step, 0, 0);
                return drawnAnew(reader.read(0, how));
            } finally {
                reader.dispose();
            }
        } catch (BadInputException e) {
            throw e;
        } catch (IOException | RuntimeException e) {
            throw notAPicture(); // a broken file may break its reader in any way
        }
    }

    private static BadInputException notAPicture() {
        return BadInputException.of("photo", "", "This is not a JPEG or PNG picture. Take the photo again.");
    }

    private static Photo drawnAnew(BufferedImage image) throws IOException {
        double scale = Math.min(1, LONGEST_SIDE / (double) Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = plain.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(image, 0, 0, width, height, Color.WHITE, null);
        pen.dispose();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            try (var stream = ImageIO.createImageOutputStream(out)) {
                writer.setOutput(stream);
                writer.write(null, new IIOImage(plain, null, null), how);
            }
            return new Photo(width, height, out.toByteArray());
        } finally {
            writer.dispose();
        }
    }
}
