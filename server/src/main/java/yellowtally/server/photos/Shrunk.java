package yellowtally.server.photos;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Dimension;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.filters.Flip;
import yellowtally.server.support.Refusal;

/**
 * A photo as it is kept: a JPEG that a screen and a paper need, upright, drawn anew from its dots, so that nothing of what a phone or
 * anybody else has put into the file beside them is in it.
 */
final class Shrunk {

    /** The longer side, dots: more than a paper shows. */
    static final int LONGEST = 1600;

    /** More has no phone; read with as many left out as are not needed. */
    private static final long MOST_DOTS = 64_000_000;

    private static final int MOST_SIDE = 16_000;
    private static final double QUALITY = 0.82;
    private static final Set<String> READ = Set.of("jpeg", "png");
    private static final int HEAD = 12;

    /** What cameras write that no reader here understands. */
    private static final Set<String> HEIF = Set.of("heic", "heix", "hevc", "heif", "mif1", "msf1", "avif");

    private final byte[] jpeg;
    private final int width;
    private final int height;

    private Shrunk(byte[] jpeg, int width, int height) {
        this.jpeg = jpeg;
        this.width = width;
        this.height = height;
    }

    /** Its bytes. */
    byte[] jpeg() {
        return jpeg;
    }

    /** Dots. */
    int width() {
        return width;
    }

    /** Dots. */
    int height() {
        return height;
    }

    /** Reads a file by what is in it; what is no photo is refused in words. */
    static Shrunk of(Path file) throws IOException {
        refuseHeif(file);
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw Refusal.unfit("", "photo.none");
            }
            ImageReader reader = readers.next();
            try {
                if (!READ.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    throw Refusal.unfit("", "photo.none");
                }
                reader.setInput(in, true, false);
                return of(read(reader), orientation(file));
            } catch (IOException | RuntimeException e) {
                if (e instanceof Refusal refused) {
                    throw refused;
                }
                // What a reader of pictures says of a broken one is not for people.
                throw Refusal.unfit("", "photo.broken");
            } finally {
                reader.dispose();
            }
        }
    }

    private static void refuseHeif(Path file) throws IOException {
        byte[] head;
        try (var in = Files.newInputStream(file)) {
            head = in.readNBytes(HEAD);
        }
        String said = new String(head, StandardCharsets.ISO_8859_1);
        if (said.length() == HEAD && said.startsWith("ftyp", 4) && HEIF.contains(said.substring(8))) {
            throw Refusal.unfit("", "photo.heic");
        }
    }

    private static BufferedImage read(ImageReader reader) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if (width > MOST_SIDE || height > MOST_SIDE || (long) width * height > MOST_DOTS) {
            throw Refusal.unfit("", "photo.large", width, height, MOST_DOTS / 1_000_000);
        }
        ImageReadParam param = reader.getDefaultReadParam();
        // Twice what is kept, so that what is drawn anew is smooth.
        int every = Math.max(1, Math.max(width, height) / (2 * LONGEST));
        param.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, param);
    }

    private static Shrunk of(BufferedImage read, int orientation) throws IOException {
        BufferedImage flat = new BufferedImage(read.getWidth(), read.getHeight(), BufferedImage.TYPE_INT_RGB);
        var pen = flat.createGraphics();
        try {
            pen.setColor(Color.WHITE);
            pen.fillRect(0, 0, flat.getWidth(), flat.getHeight());
            pen.drawImage(read, 0, 0, null);
        } finally {
            pen.dispose();
        }
        return drawn(upright(flat, orientation), LONGEST);
    }

    /** A kept picture made smaller, so that its longer side has so many dots at most. */
    static byte[] smaller(byte[] jpeg, int longest) throws IOException {
        return drawn(ImageIO.read(new ByteArrayInputStream(jpeg)), longest).jpeg();
    }

    private static Shrunk drawn(BufferedImage picture, int longest) throws IOException {
        Dimension size = size(picture, longest);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(picture)
                .forceSize(size.width, size.height)
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return new Shrunk(out.toByteArray(), size.width, size.height);
    }

    /** Never larger than it is, and never without any dots. */
    private static Dimension size(BufferedImage picture, int longest) {
        double scale = Math.min(1, (double) longest / Math.max(picture.getWidth(), picture.getHeight()));
        return new Dimension((int) Math.max(1, Math.round(picture.getWidth() * scale)), (int)
                Math.max(1, Math.round(picture.getHeight() * scale)));
    }

    /** As it was held, by the eight ways in which a camera can say so. */
    private static BufferedImage upright(BufferedImage picture, int orientation) throws IOException {
        int turn = switch (orientation) {
            case 3, 4 -> 180;
            case 6, 7 -> 90;
            case 5, 8 -> 270;
            default -> 0;
        };
        boolean mirrored = orientation == 2 || orientation == 4 || orientation == 5 || orientation == 7;
        if (turn == 0 && !mirrored) {
            return picture;
        }
        var drawn = Thumbnails.of(picture).scale(1);
        if (mirrored) {
            drawn.addFilter(Flip.HORIZONTAL);
        }
        return drawn.rotate(turn).asBufferedImage();
    }

    private static int orientation(Path file) throws IOException {
        try {
            ExifIFD0Directory camera =
                    ImageMetadataReader.readMetadata(file.toFile()).getFirstDirectoryOfType(ExifIFD0Directory.class);
            return camera != null && camera.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? camera.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | MetadataException e) {
            // It says nothing that can be read of how it was held.
            return 1;
        }
    }
}
