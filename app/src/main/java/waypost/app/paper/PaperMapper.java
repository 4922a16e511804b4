package waypost.app.paper;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface PaperMapper {

    /** Its last revision decides: what was signed and is written on is a draft again; the signed one stays offered. */
    String LATEST = """
            select p.id, p.protocol, p.title, p.base, p.joint, d.revision, d.lines, d.answers::text as answers,
                   a.display_name as written_by, d.written_at,
                   case
                     when s.kind = 'WITHDRAWN' then 'WITHDRAWN'
                     when u.revision is not null then 'PUBLISHED'
                     when s.kind = 'TO_REVIEW' then 'IN_REVIEW'
                     else 'DRAFT'
                   end as state
              from paper p
              join lateral (select * from paper_draft where paper_id = p.id order by revision desc limit 1) d on true
              join account a on a.id = d.written_by
              left join paper_publication u on u.paper_id = p.id and u.revision = d.revision
              left join lateral (select kind from paper_step where paper_id = p.id and revision = d.revision
                                  order by nth desc limit 1) s on true
             where p.clinic_id = #{clinicId}
            """;

    @Select(LATEST + " order by p.nth")
    List<PaperRow> findAll(UUID clinicId);

    @Select(LATEST + " and p.id = #{id}")
    Optional<PaperRow> find(UUID clinicId, UUID id);

    @Select("select count(*) from paper where clinic_id = #{clinicId}")
    int count(UUID clinicId);

    @Insert("""
            insert into paper (id, clinic_id, protocol, title, base, joint, made_by)
            values (#{id}, #{clinicId}, #{protocol}, #{title}, #{base}, #{joint}, #{by})
            on conflict do nothing
            """)
    int insert(UUID id, UUID clinicId, String protocol, String title, String base, String joint, UUID by);

    @Insert("""
            insert into paper_draft (paper_id, revision, lines, answers, written_by)
            values (#{id}, #{revision}, #{lines}, #{answers}::jsonb, #{by})
            on conflict do nothing
            """)
    int insertDraft(UUID id, int revision, String lines, String answers, UUID by);

    @Insert("""
            insert into paper_step (id, paper_id, revision, kind, made_by)
            values (gen_random_uuid(), #{id}, #{revision}, #{kind}, #{by})
            """)
    int insertStep(UUID id, int revision, String kind, UUID by);

    @Insert("""
            insert into paper_publication (paper_id, revision, bundle_hash, shown, shown_hash, signed_by)
            values (#{id}, #{revision}, #{bundleHash}, #{shown}, #{shownHash}, #{by})
            on conflict do nothing
            """)
    int insertPublication(UUID id, int revision, String bundleHash, String shown, String shownHash, UUID by);
}
