package waypost.app.account;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;

/**
 * The square by which a telephone reads a time code's secret.
 *
 * @param size in modules, the quiet zone included
 * @param path the dark modules as an SVG path in a box of {@code size} by {@code size}
 */
record QrCode(int size, String path) {

    /** The secret with the account's name, in the way that authenticators read (key URI format, common practice). */
    static QrCode of(Staff staff, SecondFactorRow factor) {
        String label = URLEncoder.encode("Waypost:" + staff.signInName(), StandardCharsets.UTF_8);
        return of("otpauth://totp/" + label + "?secret=" + factor.plainLetters() + "&issuer=Waypost");
    }

    private static QrCode of(String text) {
        BitMatrix modules;
        try {
            modules = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0);
        } catch (WriterException tooLong) {
            throw new IllegalStateException(tooLong);
        }
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < modules.getHeight(); y++) {
            for (int x = 0; x < modules.getWidth(); x++) {
                if (modules.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return new QrCode(modules.getWidth(), path.toString());
    }
}
