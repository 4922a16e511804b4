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
import waypost.library.words.BandNames;

/** Keeps the clinic's orders of bands; a new one never overwrites an old one. */
@Service
public class BandOrders {

    private final BandMapper mapper;
    private final OncePerRequest once;

    BandOrders(BandMapper mapper, OncePerRequest once) {
        this.mapper = mapper;
        this.once = once;
    }

    /** The order in force, the lightest first; empty while none was set. */
    List<Band> current(UUID clinicId) {
        return mapper.current(clinicId);
    }

    private List<Band> once(UUID clinicId) {
        return once.get("waypost.bands." + clinicId, () -> current(clinicId));
    }

    /** What the clinic calls its bands. */
    public BandNames names(UUID clinicId) {
        return new BandNames(once(clinicId).stream().map(Band::name).toList());
    }

    /** How hard the bands pull at which length, by their steps; without those that nobody has measured. */
    public Map<Integer, Calibration> measured(UUID clinicId) {
        Map<Integer, Calibration> measured = new TreeMap<>();
        once(clinicId).forEach(band -> band.calibration().ifPresent(by -> measured.put(band.step(), by)));
        return measured;
    }

    /** Sets a new order; sent twice under one id it is written once. */
    @Transactional
    public void set(Staff staff, UUID id, List<Band> bands) {
        if (mapper.insertOrder(id, staff.clinicId(), staff.id()) == 1) {
            bands.forEach(band -> mapper.insert(id, band));
        }
    }
}
