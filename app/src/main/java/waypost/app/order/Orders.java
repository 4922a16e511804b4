package waypost.app.order;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NotFoundException;
import waypost.app.store.OrderRow;

/** Puts orders on record and withdraws them; nothing is ever changed in place. */
@Service
public class Orders {

    private final OrderMapper mapper;
    private final CourseLoader loader;
    private final ClinicClock clock;

    Orders(OrderMapper mapper, CourseLoader loader, ClinicClock clock) {
        this.mapper = mapper;
        this.loader = loader;
        this.clock = clock;
    }

    /** Puts an order on record. Sent twice, it is written once. */
    @Transactional
    void give(Staff staff, UUID courseId, OrderForm form, LocalDate today) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        mapper.insert(form.given(course, staff, today), staff.id(), clock.now());
    }

    /** Withdraws an order with a reason; both stay on record. */
    @Transactional
    void withdraw(Staff staff, UUID courseId, UUID orderId, String why) {
        OrderRow order = loader.load(staff.clinicId(), courseId).orders().stream()
                .filter(row -> row.id().equals(orderId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        if (why.strip().length() < 3) {
            throw new FormProblem("why", "Say why the order no longer stands, in a few words.");
        }
        try {
            mapper.withdraw(UUID.randomUUID(), order, why.strip(), staff.id(), clock.now());
        } catch (DuplicateKeyException withdrawnMeanwhile) {
            throw new FormProblem("why", "Somebody else withdrew this order a moment ago. Nothing was written.");
        }
    }

    @Mapper
    interface OrderMapper {

        @Insert("""
                insert into surgeon_order (id, course_id, words, surgeon, kind, subject, allow, given_on, from_on,
                                           last_on, signed_on, entered_by, entered_at)
                values (#{row.id}, #{row.courseId}, #{row.words}, #{row.surgeon}, #{row.kind}, #{row.subject},
                        #{row.allow}, #{row.givenOn}, #{row.fromOn}, #{row.lastOn}, #{row.signedOn}, #{by}, #{at})
                on conflict (id) do nothing
                """)
        int insert(OrderRow row, UUID by, Instant at);

        @Insert("""
                insert into surgeon_order (id, course_id, replaces, withdrawn, why, words, surgeon, kind, subject, allow,
                                           given_on, from_on, last_on, signed_on, entered_by, entered_at)
                values (#{id}, #{row.courseId}, #{row.id}, true, #{why}, #{row.words}, #{row.surgeon}, #{row.kind},
                        #{row.subject}, #{row.allow}, #{row.givenOn}, #{row.fromOn}, #{row.lastOn}, #{row.signedOn},
                        #{by}, #{at})
                """)
        int withdraw(UUID id, OrderRow row, String why, UUID by, Instant at);
    }
}
