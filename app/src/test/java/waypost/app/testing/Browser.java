package waypost.app.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.logging.Level;
import org.openqa.selenium.By;
import org.openqa.selenium.ElementClickInterceptedException;
import org.openqa.selenium.JavascriptException;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.ScriptTimeoutException;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.WebDriverWait;
import org.springframework.util.FileSystemUtils;
import waypost.app.demo.DemoAccounts;

/** A headless browser on the running application. Closing it fails on any policy violation or script error. */
public final class Browser implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(15);

    private final ChromeDriver driver;
    private final Path folder = freshFolder();
    private final String address;

    public Browser() {
        this(RunningWaypost.get().address());
    }

    /** A browser on an application that runs elsewhere. */
    public Browser(String address) {
        this.address = address;
        ChromeOptions options = new ChromeOptions();
        options.setBinary("/usr/bin/chromium");
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--lang=en-GB",
                "--disable-gpu",
                "--disable-quic",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                "--disable-dev-shm-usage",
                "--user-data-dir=" + folder);
        if (address.startsWith("https")) {
            // The certificate of a test's own proxy.
            options.setAcceptInsecureCerts(true);
        }
        LoggingPreferences logs = new LoggingPreferences();
        logs.enable(LogType.BROWSER, Level.ALL);
        options.setCapability("goog:loggingPrefs", logs);
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(new java.io.File("/usr/bin/chromedriver"))
                .build();
        driver = new ChromeDriver(service, options);
        size(1280, 800);
    }

    private static Path freshFolder() {
        try {
            return Files.createTempDirectory("waypost-browser");
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    public ChromeDriver driver() {
        return driver;
    }

    /** Sets the exact viewport. */
    public Browser size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
        return this;
    }

    /** Makes it a touch screen, or a mouse's again. */
    public Browser touch(boolean on) {
        driver.executeCdpCommand("Emulation.setTouchEmulationEnabled", Map.of("enabled", on));
        driver.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "pointer", "value", on ? "coarse" : "fine"))));
        return this;
    }

    /** Sets what the system asks for: light or dark. */
    public Browser scheme(String scheme) {
        driver.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "prefers-color-scheme", "value", scheme))));
        return this;
    }

    public Browser open(String path) {
        driver.get(address + path);
        return this;
    }

    /** Opens a page that stands on its own in a file. */
    public Browser page(Path file) {
        driver.get(file.toUri().toString());
        return this;
    }

    public Browser signIn(String name) {
        open("/sign-in");
        type("name", name);
        type("password", DemoAccounts.PASSWORD);
        press("Sign in");
        waitFor(By.cssSelector("form.who"));
        return this;
    }

    public void type(String field, String text) {
        onShown(By.cssSelector("main [name='" + field + "']"), element -> {
            element.clear();
            element.sendKeys(text);
        });
    }

    /** Types into a date field; a year that stands first is read in every clinic. */
    public void date(String field, String isoDate) {
        onShown(By.cssSelector("main .date-field:has(> [name='" + field + "']) > .typed"), element -> {
            element.clear();
            element.sendKeys(isoDate);
        });
    }

    public void choose(String field, String value) {
        onShown(By.cssSelector("main [name='" + field + "'] option[value='" + value + "']"), WebElement::click);
    }

    /** What a field holds. */
    public String value(String field) {
        return waitFor(By.cssSelector("main [name='" + field + "']")).getDomProperty("value");
    }

    public void tick(String field, String value) {
        onShown(By.cssSelector("main [name='" + field + "'][value='" + value + "']"), WebElement::click);
    }

    /** Presses the button, or follows the link, that says this. */
    public void press(String words) {
        onShown(
                By.xpath("//main//button[normalize-space()=\"" + words + "\"] | //a[contains(normalize-space(),\""
                        + words + "\")]"),
                WebElement::click);
    }

    /** Clicks the first shown element, wherever on the page it stands. */
    public void click(By what) {
        onShown(what, element -> {
            driver.executeScript("arguments[0].scrollIntoView({block: 'center'})", element);
            element.click();
        });
    }

    /** Does something with the first shown element, again if the page was swapped meanwhile. */
    private void onShown(By what, Consumer<WebElement> action) {
        new WebDriverWait(driver, PATIENCE)
                .ignoring(StaleElementReferenceException.class)
                .ignoring(ElementClickInterceptedException.class)
                .ignoring(ScriptTimeoutException.class)
                .ignoring(JavascriptException.class)
                .withMessage(() -> "nothing shown for " + what)
                .until(current -> {
                    Optional<WebElement> shown = isAtRest()
                            ? current.findElements(what).stream()
                                    .filter(WebElement::isDisplayed)
                                    .findFirst()
                            : Optional.empty();
                    shown.ifPresent(action);
                    return shown.isPresent();
                });
    }

    /** Nothing is being swapped and what was swapped is drawn: a press on a page that still moves lands beside. */
    private boolean isAtRest() {
        return (Boolean) driver.executeAsyncScript("""
                const done = arguments[0];
                const tell = () => done(!document.querySelector(".htmx-swapping, .htmx-settling, .htmx-added"));
                setTimeout(tell, 200);
                requestAnimationFrame(() => requestAnimationFrame(tell));""");
    }

    /** Waits for something that the page comes to. */
    public void until(Predicate<WebDriver> come) {
        new WebDriverWait(driver, PATIENCE)
                .ignoring(StaleElementReferenceException.class)
                .until(come::test);
    }

    public WebElement waitFor(By what) {
        return new WebDriverWait(driver, PATIENCE).until(ExpectedConditions.visibilityOfElementLocated(what));
    }

    /** Also over a change of the page, in the middle of which a body may be gone that was just found. */
    public void waitForText(String text) {
        new WebDriverWait(driver, PATIENCE)
                .ignoring(WebDriverException.class)
                .until(ExpectedConditions.textToBePresentInElementLocated(By.tagName("body"), text));
    }

    public String text() {
        return driver.findElement(By.tagName("main")).getText();
    }

    /** Writes what is seen to a PNG file. */
    public void picture(Path file) {
        try {
            Files.createDirectories(file.getParent());
            Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Everything the browser complained about, but for answers that a test provoked on purpose (4xx). */
    public List<String> complaints() {
        return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                .filter(entry -> entry.getLevel().intValue() >= Level.WARNING.intValue())
                .map(LogEntry::getMessage)
                .filter(message -> !message.contains("the server responded with a status of 4")
                        && !message.contains("Response Status Error Code 4")
                        && !isOfALostConnection(message))
                .toList();
    }

    private static boolean isOfALostConnection(String message) {
        return message.contains("ERR_INTERNET_DISCONNECTED")
                || message.contains("ERR_CONNECTION_REFUSED")
                || message.contains("htmx:sendError")
                || message.contains("htmx:afterRequest");
    }

    /** Cuts the connection, or gives it back. */
    public Browser connected(boolean on) {
        return network(!on, Duration.ZERO);
    }

    /** Lets every answer wait. */
    public Browser slow(Duration latency) {
        return network(false, latency);
    }

    private Browser network(boolean offline, Duration latency) {
        driver.executeCdpCommand("Network.enable", Map.of());
        driver.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of(
                        "offline",
                        offline,
                        "latency",
                        latency.toMillis(),
                        "downloadThroughput",
                        -1,
                        "uploadThroughput",
                        -1));
        return this;
    }

    @Override
    public void close() {
        try {
            List<String> complaints = complaints();
            if (!complaints.isEmpty()) {
                throw new AssertionError("The browser complained: " + complaints);
            }
        } finally {
            driver.quit();
            FileSystemUtils.deleteRecursively(folder.toFile());
        }
    }
}
