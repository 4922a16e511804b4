package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.WebElement;
import waypost.app.testing.Browser;

/** Signs are told apart without colour: each board, without its word, is another grey picture than every other. */
@Tag("browser")
class SignsInGreyTest {

    private static final int SEEN = 24;
    private static final double LEAST_SHARE = 0.02;

    @Test
    void everyBoardIsAnotherPictureInGreyInBothThemes() throws IOException {
        try (Browser browser = new Browser().signIn("therapist")) {
            browser.open("/theme");
            browser.driver()
                    .executeScript("document.querySelectorAll('.sign').forEach(sign => {"
                            + " sign.querySelectorAll(':scope > :not(svg)').forEach(word => { word.style.visibility = 'hidden'; });"
                            + " sign.style.width = '139px'; sign.style.height = '44px'; });");
            for (String theme : new String[] {"light", "dark"}) {
                Map<String, int[]> pictures = new LinkedHashMap<>();
                for (WebElement sign :
                        browser.driver().findElements(By.cssSelector("[data-theme=" + theme + "] .sign-list .sign"))) {
                    pictures.put(String.valueOf(sign.getDomAttribute("class")), grey(sign));
                }
                assertThat(pictures).hasSize(7);
                pictures.forEach((one, mine) -> pictures.forEach((other, theirs) -> {
                    if (!one.equals(other)) {
                        assertThat(share(mine, theirs))
                                .as(theme + ": " + one + " beside " + other)
                                .isGreaterThan(LEAST_SHARE);
                    }
                }));
            }
        }
    }

    /** The luminance of each pixel, 0 to 255, by the weights of ITU-R BT.709. */
    private static int[] grey(WebElement sign) throws IOException {
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(sign.getScreenshotAs(OutputType.BYTES)));
        int[] grey = new int[139 * 44];
        for (int y = 0; y < 44; y++) {
            for (int x = 0; x < 139; x++) {
                int rgb = picture.getRGB(Math.min(x, picture.getWidth() - 1), Math.min(y, picture.getHeight() - 1));
                grey[y * 139 + x] =
                        (int) (0.2126 * (rgb >> 16 & 255) + 0.7152 * (rgb >> 8 & 255) + 0.0722 * (rgb & 255));
            }
        }
        return grey;
    }

    /** Which part of the picture differs by more than an eye overlooks. */
    private static double share(int[] one, int[] other) {
        int differing = 0;
        for (int i = 0; i < one.length; i++) {
            if (Math.abs(one[i] - other[i]) > SEEN) {
                differing++;
            }
        }
        return (double) differing / one.length;
    }
}
