package waypost.app.entry;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.web.multipart.MultipartFile;
import waypost.core.measure.Plain;

/** The text of a file that was sent. */
public final class SentText {

    private static final double MEGABYTE = 1e6;

    private SentText() {}

    /**
     * All of its text.
     *
     * @param mostBytes as long as it may be
     * @throws FormProblem for "file" when none was chosen, it is longer, or no UTF-8
     */
    public static String of(Optional<MultipartFile> sent, int mostBytes) throws IOException {
        MultipartFile file = sent.filter(chosen -> !chosen.isEmpty())
                .orElseThrow(() -> new FormProblem("file", "Choose a file first."));
        if (file.getSize() > mostBytes) {
            throw new FormProblem(
                    "file",
                    "Found a file of " + Plain.number(file.getSize() / MEGABYTE) + " MB, allowed: up to "
                            + Plain.number(mostBytes / MEGABYTE) + " MB.");
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file.getBytes()))
                    .toString();
        } catch (CharacterCodingException notUtf8) {
            throw new FormProblem("file", "Found bytes that are no UTF-8 text; save the file in UTF-8.");
        }
    }
}
