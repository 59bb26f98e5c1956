package yellowtally.server.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;

/** An address as a square that a phone reads; a quarter of it may be dirty. */
final class QrCode {

    private static final int BLACK = 0x000000;
    private static final int WHITE = 0xFFFFFF;

    /** Dots for each module, so that no reader of the file smears it. */
    private static final int SCALE = 4;

    private static final int QUIET_MODULES = 2;

    private QrCode() {}

    /** As the address of a picture that stands in the page itself. */
    static String picture(String address) {
        try {
            BitMatrix modules = new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            1,
                            1,
                            Map.of(
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.Q,
                                    EncodeHintType.MARGIN,
                                    QUIET_MODULES));
            BufferedImage picture = new BufferedImage(
                    modules.getWidth() * SCALE, modules.getHeight() * SCALE, BufferedImage.TYPE_BYTE_BINARY);
            for (int y = 0; y < picture.getHeight(); y++) {
                for (int x = 0; x < picture.getWidth(); x++) {
                    picture.setRGB(x, y, modules.get(x / SCALE, y / SCALE) ? BLACK : WHITE);
                }
            }
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(picture, "png", png);
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray());
        } catch (WriterException | IOException e) {
            throw new IllegalStateException(e);
        }
    }
}
