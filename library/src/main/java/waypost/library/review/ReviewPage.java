package waypost.library.review;

import java.util.Locale;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** A review sheet as a page of its own: no script, no font and no picture is fetched, printed it takes two pages. */
public final class ReviewPage {

    private static final String TEMPLATE = "waypost/library/review/sheet.html";
    private static final double LARGEST_POINTS = 8;
    private static final double LEAST_POINTS = 5.25;
    /** Letters times square points that two pages hold, found by printing the shipped protocols. */
    private static final double ROOM = 370_000;

    private static final TemplateEngine ENGINE = engine();

    private ReviewPage() {}

    public static String html(ReviewSheet sheet) {
        Context context = new Context(Locale.ENGLISH);
        context.setVariable("sheet", sheet);
        context.setVariable("points", points(sheet));
        return ENGINE.process(TEMPLATE, context);
    }

    /** The more is said, the smaller it is printed. */
    private static double points(ReviewSheet sheet) {
        double fits = Math.floor(Math.sqrt(ROOM / sheet.letters()) * 4) / 4;
        return Math.max(LEAST_POINTS, Math.min(LARGEST_POINTS, fits));
    }

    private static TemplateEngine engine() {
        ClassLoaderTemplateResolver resolver = new ClassLoaderTemplateResolver(ReviewPage.class.getClassLoader());
        resolver.setTemplateMode(TemplateMode.HTML);
        resolver.setCharacterEncoding("UTF-8");
        TemplateEngine engine = new TemplateEngine();
        engine.setTemplateResolver(resolver);
        return engine;
    }
}
