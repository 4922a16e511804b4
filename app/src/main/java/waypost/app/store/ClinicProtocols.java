package waypost.app.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;

/** What a clinic may refer to: the protocols that ship, and its own surgeons' papers that are signed and not withdrawn. */
@Service
public class ClinicProtocols {

    private final PublicationMapper mapper;
    private final Bundles bundles;

    ClinicProtocols(PublicationMapper mapper, Bundles bundles) {
        this.mapper = mapper;
        this.bundles = bundles;
    }

    /** A signed paper: the protocol that it is, and the bundle in which it stands. */
    record Published(String protocol, String bundleHash) {}

    @Mapper
    interface PublicationMapper {

        @Select("""
                select distinct on (p.id) p.protocol, u.bundle_hash
                  from paper p
                  join paper_publication u on u.paper_id = p.id
                 where p.clinic_id = #{clinicId}
                   and not exists (select 1 from paper_step s
                                    where s.paper_id = p.id and s.kind = 'WITHDRAWN' and s.made_at >= u.signed_at)
                 order by p.id, u.revision desc
                """)
        List<Published> find(UUID clinicId);
    }

    /** Those that ship, and the clinic's own behind them. */
    @Transactional(readOnly = true)
    public List<Protocol> offered(UUID clinicId) {
        List<Protocol> offered = new ArrayList<>(bundles.shipped().protocols());
        mapper.find(clinicId)
                .forEach(own -> offered.add(bundles.get(own.bundleHash()).protocol(own.protocol())));
        return offered;
    }

    /** By each of the clinic's own protocols the hash of the bundle in which its last signed version stands. */
    @Transactional(readOnly = true)
    public Map<String, String> own(UUID clinicId) {
        return mapper.find(clinicId).stream().collect(Collectors.toMap(Published::protocol, Published::bundleHash));
    }

    /** The bundle in which a clinic's protocol stands; what ships for every other, so that it is not found there. */
    @Transactional(readOnly = true)
    public Bundle bundleOf(UUID clinicId, String protocol) {
        return mapper.find(clinicId).stream()
                .filter(own -> own.protocol().equals(protocol))
                .findFirst()
                .map(own -> bundles.get(own.bundleHash()))
                .orElseGet(bundles::shipped);
    }
}
