package waypost.app.signature;

import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.stereotype.Service;

/** Keeps signatures; rows are only added. */
@Service
public class Signatures {

    private final SignatureMapper mapper;

    Signatures(SignatureMapper mapper) {
        this.mapper = mapper;
    }

    public void keep(Signature signature) {
        mapper.insert(signature);
    }

    @Mapper
    interface SignatureMapper {

        @Insert("""
                insert into signature (id, course_id, kind, wording, evidence, evidence_hash, signed_by, signed_at)
                values (#{id}, #{courseId}, #{kind}, #{wording}, #{evidence}, #{evidenceHash}, #{signedBy}, #{signedAt})
                """)
        int insert(Signature signature);
    }
}
