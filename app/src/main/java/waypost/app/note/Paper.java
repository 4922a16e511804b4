package waypost.app.note;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;

/** Draws a page on A4. Letters that its typeface lacks are shown as a mark; nothing that is written stops the drawing. */
public final class Paper {

    private static final String TYPEFACE = "Waypost Paper";

    /** What XML 1.0 does not take as a character (section 2.2), as it is or as a reference. */
    private static final Pattern NO_CHARACTER = Pattern.compile(
            "[^\\x09\\x0A\\x0D\\x20-\\uD7FF\\uE000-\\uFFFD\\x{10000}-\\x{10FFFF}]|&#(?:[0-8]|1[124-9]|2[0-9]|3[01]);");

    private Paper() {}

    /** The PDF of a page that names its typeface {@value #TYPEFACE}. */
    public static byte[] pdf(String page) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new PdfRendererBuilder()
                .useFont(Paper::typeface, TYPEFACE)
                .withHtmlContent(NO_CHARACTER.matcher(page).replaceAll("\uFFFD"), null)
                .toStream(out)
                .run();
        return out.toByteArray();
    }

    private static InputStream typeface() {
        try {
            return new ClassPathResource("paper/DejaVuSans.ttf").getInputStream();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }
}
