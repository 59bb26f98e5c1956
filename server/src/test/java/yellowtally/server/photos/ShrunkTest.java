package yellowtally.server.photos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowtally.server.support.Refusal;

/** What becomes of a photo, and what is none. */
class ShrunkTest {

    @TempDir
    private Path folder;

    private Path file(byte[] bytes) throws IOException {
        return Files.write(folder.resolve("sent"), bytes);
    }

    /** Red above left, green above right, blue below left, white below right. */
    private static BufferedImage corners(int width, int height) {
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, width, height);
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, width / 2, height / 2);
        pen.setColor(Color.GREEN);
        pen.fillRect(width / 2, 0, width - width / 2, height / 2);
        pen.setColor(Color.BLUE);
        pen.fillRect(0, height / 2, width / 2, height - height / 2);
        pen.dispose();
        return picture;
    }

    private static byte[] written(BufferedImage picture, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(ImageIO.write(picture, format, out)).isTrue();
        return out.toByteArray();
    }

    /** The same JPEG as a phone writes it: how it was held, and where it was. */
    private static byte[] asOfAPhone(byte[] jpeg, int orientation) throws IOException {
        ByteArrayOutputStream tiff = new ByteArrayOutputStream();
        DataOutputStream of = new DataOutputStream(tiff);
        of.writeBytes("MM");
        of.writeShort(42);
        of.writeInt(8);
        of.writeShort(2);
        entry(of, 0x0112, 3, 1, orientation << 16);
        entry(of, 0x8825, 4, 1, 38);
        of.writeInt(0);
        // The place: its version, and north.
        of.writeShort(2);
        entry(of, 0x0000, 1, 4, 0x02030000);
        entry(of, 0x0001, 2, 2, 'N' << 24);
        of.writeInt(0);
        byte[] exif = tiff.toByteArray();
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(whole);
        out.write(jpeg, 0, 2);
        out.writeShort(0xFFE1);
        out.writeShort(2 + 6 + exif.length);
        out.writeBytes("Exif\0\0");
        out.write(exif);
        out.write(jpeg, 2, jpeg.length - 2);
        return whole.toByteArray();
    }

    private static void entry(DataOutputStream to, int tag, int type, int count, int value) throws IOException {
        to.writeShort(tag);
        to.writeShort(type);
        to.writeInt(count);
        to.writeInt(value);
    }

    private static BufferedImage read(Shrunk shrunk) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(shrunk.jpeg()));
    }

    private static String colour(BufferedImage picture, double x, double y) {
        Color at = new Color(picture.getRGB((int) (x * picture.getWidth()), (int) (y * picture.getHeight())));
        return (at.getRed() > 128 ? "r" : "-") + (at.getGreen() > 128 ? "g" : "-") + (at.getBlue() > 128 ? "b" : "-");
    }

    private static String corners(BufferedImage picture) {
        return String.join(
                " ",
                colour(picture, 0.25, 0.25),
                colour(picture, 0.75, 0.25),
                colour(picture, 0.25, 0.75),
                colour(picture, 0.75, 0.75));
    }

    @ParameterizedTest
    @CsvSource({
        "4000, 3000, 1600, 1200",
        "3000, 4000, 1200, 1600",
        "1601,   10, 1600,   10",
        "1600, 1200, 1600, 1200",
        " 640,  480,  640,  480",
        "5000,    1, 1600,    1",
        "   1,    1,    1,    1",
    })
    void itIsNoLargerThanIsNeededAndNeverMadeLarger(int width, int height, int kept, int high) throws IOException {
        Shrunk shrunk = Shrunk.of(file(written(corners(width, height), "jpg")));
        assertThat(shrunk.width()).isEqualTo(kept);
        assertThat(shrunk.height()).isEqualTo(high);
        BufferedImage picture = read(shrunk);
        assertThat(picture.getWidth()).isEqualTo(kept);
        assertThat(picture.getHeight()).isEqualTo(high);
    }

    /** The eight ways in which a camera says how it was held; where the red corner was seen is known of each. */
    @ParameterizedTest
    @CsvSource({
        "1, 400, r-- -g- --b rgb",
        "2, 400, -g- r-- rgb --b",
        "3, 400, rgb --b -g- r--",
        "4, 400, --b rgb r-- -g-",
        "5, 300, r-- --b -g- rgb",
        "6, 300, --b r-- rgb -g-",
        "7, 300, rgb -g- --b r--",
        "8, 300, -g- rgb r-- --b",
    })
    void itStandsUprightAndSaysNothingOfWhereItWas(int orientation, int width, String corners) throws Exception {
        byte[] sent = asOfAPhone(written(corners(400, 300), "jpg"), orientation);
        var before = ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent));
        assertThat(before.getFirstDirectoryOfType(ExifIFD0Directory.class).getInt(ExifIFD0Directory.TAG_ORIENTATION))
                .isEqualTo(orientation);
        assertThat(before.getFirstDirectoryOfType(GpsDirectory.class)).isNotNull();

        Shrunk shrunk = Shrunk.of(file(sent));

        assertThat(shrunk.width()).isEqualTo(width);
        assertThat(corners(read(shrunk))).isEqualTo(corners);
        var after = ImageMetadataReader.readMetadata(new ByteArrayInputStream(shrunk.jpeg()));
        assertThat(after.getDirectoriesOfType(ExifIFD0Directory.class)).isEmpty();
        assertThat(after.getDirectoriesOfType(GpsDirectory.class)).isEmpty();
    }

    @Test
    void whatIsSeenThroughIsWhite() throws IOException {
        BufferedImage glass = new BufferedImage(40, 40, BufferedImage.TYPE_INT_ARGB);
        glass.setRGB(0, 0, 0);
        assertThat(colour(read(Shrunk.of(file(written(glass, "png")))), 0.5, 0.5))
                .isEqualTo("rgb");
    }

    @Test
    void aSmallOneOfItIsStillThePicture() throws IOException {
        byte[] small = Shrunk.smaller(
                Shrunk.of(file(written(corners(2000, 1000), "png"))).jpeg(), 320);
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(small));
        assertThat(picture.getWidth()).isEqualTo(320);
        assertThat(picture.getHeight()).isEqualTo(160);
        assertThat(corners(picture)).isEqualTo("r-- -g- --b rgb");
    }

    private void refused(byte[] sent, String code) throws IOException {
        Path file = file(sent);
        assertThatThrownBy(() -> Shrunk.of(file))
                .isInstanceOfSatisfying(
                        Refusal.class,
                        refusal -> assertThat(refusal.faults().get(0).code()).isEqualTo(code));
    }

    @Test
    void whatIsNoPhotoIsRefused() throws IOException {
        refused("<script>alert(1)</script>".getBytes(StandardCharsets.UTF_8), "photo.none");
        refused("<svg xmlns='http://www.w3.org/2000/svg'/>".getBytes(StandardCharsets.UTF_8), "photo.none");
        refused("%PDF-1.7 and so on".getBytes(StandardCharsets.UTF_8), "photo.none");
        refused(new byte[0], "photo.none");
        refused(written(corners(20, 20), "gif"), "photo.none");
        refused(written(corners(20, 20), "bmp"), "photo.none");
        refused("\0\0\0\030ftypheic\0\0\0\0mif1heic".getBytes(StandardCharsets.ISO_8859_1), "photo.heic");
    }

    @Test
    void halfAPhotoIsRefused() throws IOException {
        byte[] png = written(corners(600, 600), "png");
        refused(Arrays.copyOf(png, png.length / 2), "photo.broken");
        refused(Arrays.copyOf(written(corners(600, 600), "jpg"), 100), "photo.broken");
        refused("\u00ff\u00d8\u00ff<script>alert(1)</script>".getBytes(StandardCharsets.ISO_8859_1), "photo.broken");
    }

    /** Only its head says so: nobody gets so far as to make room for it. */
    @ParameterizedTest
    @CsvSource({"30000, 30000", "16001, 1", "9000, 9000", "2147483647, 2147483647"})
    void aPictureThatIsFarTooLargeIsRefusedByItsHead(int width, int height) throws IOException {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        png.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        chunk(
                png,
                "IHDR",
                ByteBuffer.allocate(13)
                        .putInt(width)
                        .putInt(height)
                        .put(new byte[] {8, 2, 0, 0, 0})
                        .array());
        chunk(png, "IDAT", new byte[20]);
        refused(png.toByteArray(), "photo.large");
    }

    private static void chunk(ByteArrayOutputStream to, String kind, byte[] content) throws IOException {
        DataOutputStream out = new DataOutputStream(to);
        CRC32 sum = new CRC32();
        sum.update(kind.getBytes(StandardCharsets.US_ASCII));
        sum.update(content);
        out.writeInt(content.length);
        out.writeBytes(kind);
        out.write(content);
        out.writeInt((int) sum.getValue());
    }
}
