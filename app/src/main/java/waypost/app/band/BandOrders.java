package waypost.app.band;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.store.OncePerRequest;
import waypost.core.strength.Calibration;
import waypost.core.strength.Spring;
import waypost.library.words.BandNames;

/** Keeps the clinic's orders of bands and springs; a new one never overwrites an old one. */
@Service
public class BandOrders {

    private final BandMapper mapper;
    private final OncePerRequest once;

    BandOrders(BandMapper mapper, OncePerRequest once) {
        this.mapper = mapper;
        this.once = once;
    }

    /** The order in force, the lightest first; empty while none was set. */
    List<Band> current(UUID clinicId, BandKind kind) {
        return mapper.current(clinicId, kind);
    }

    private List<Band> once(UUID clinicId, BandKind kind) {
        return once.get("waypost." + kind.place() + "." + clinicId, () -> current(clinicId, kind));
    }

    /** What the clinic calls its bands. */
    public BandNames names(UUID clinicId) {
        return new BandNames(
                once(clinicId, BandKind.BAND).stream().map(Band::name).toList());
    }

    /** How hard bands and springs pull at which length; without those that nobody has measured. */
    public Measured measured(UUID clinicId) {
        Map<Integer, Calibration> bands = new TreeMap<>();
        once(clinicId, BandKind.BAND).forEach(band -> band.calibration().ifPresent(by -> bands.put(band.step(), by)));
        return new Measured(bands, () -> springs(clinicId));
    }

    private List<Spring> springs(UUID clinicId) {
        return once(clinicId, BandKind.SPRING).stream()
                .flatMap(band -> band.spring().stream())
                .toList();
    }

    /** Sets a new order; sent twice under one id it is written once. */
    @Transactional
    public void set(Staff staff, UUID id, BandKind kind, List<Band> bands) {
        if (mapper.insertOrder(id, staff.clinicId(), kind, staff.id()) == 1) {
            bands.forEach(band -> mapper.insert(id, band));
        }
    }
}
