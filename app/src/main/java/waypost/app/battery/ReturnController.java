package waypost.app.battery;

import java.util.List;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.measure.SheetRow;
import waypost.app.measure.Sheets;
import waypost.core.battery.ReturnSheet;
import waypost.core.battery.Station;
import waypost.library.words.Words;

/** Tests of return. Where the protocol has none, the page says so. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class ReturnController {

    private final CourseDoor door;
    private final Sheets sheets;

    ReturnController(CourseDoor door, Sheets sheets) {
        this.door = door;
        this.sheets = sheets;
    }

    @GetMapping("/courses/{id}/return")
    ModelAndView stations(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String station) {
        OpenCourse open = door.open(staff, id);
        ModelAndView model = new ModelAndView("battery/return")
                .addObject("head", open.head())
                .addObject("courseId", id)
                .addObject("page", null);
        return open.course()
                .bundle()
                .battery(open.standing().course().resolved().protocol())
                .map(battery -> ReturnSheet.of(battery, open.standing()))
                .map(sheet -> model.addObject("page", page(staff, id, sheet, station)))
                .orElse(model);
    }

    private ReturnPage page(Staff staff, UUID id, ReturnSheet sheet, String asked) {
        ReturnPages pages =
                new ReturnPages(sheet, Words.of(sheet.standing().course().resolved()));
        Station at = pages.station(asked);
        Sheets.Sheet rows = sheets.sheet(staff, id, at.measured());
        List<SheetRow> wanted = at.measured().stream().map(rows::row).toList();
        return pages.page(at, wanted);
    }
}
