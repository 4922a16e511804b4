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
            select p.id, p.protocol, p.title, p.base, p.joint, d.revision, d.lines, d.answers::text as answers, d.files::text as files,
                   d.taken_from, d.said,
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
            insert into paper_draft (paper_id, revision, lines, answers, files, said, same_as, taken_from, written_by)
            values (#{id}, #{revision}, #{draft.lines}, #{draft.answers}::jsonb, #{draft.files}::jsonb, #{draft.said},
                    #{draft.sameAs}, #{draft.takenFrom}, #{by})
            on conflict do nothing
            """)
    int insertDraft(UUID id, int revision, PaperDraft draft, UUID by);

    /** Every revision, oldest first. */
    @Select("""
            select d.revision, d.said, d.same_as, a.display_name as written_by, d.written_at
              from paper_draft d
              join paper p on p.id = d.paper_id
              join account a on a.id = d.written_by
             where p.clinic_id = #{clinicId} and d.paper_id = #{id}
             order by d.revision
            """)
    List<PaperRevision> findRevisions(UUID clinicId, UUID id);

    @Select("""
            select d.lines, d.answers::text as answers, d.files::text as files, d.said, d.same_as, d.taken_from
              from paper_draft d
              join paper p on p.id = d.paper_id
             where p.clinic_id = #{clinicId} and d.paper_id = #{id} and d.revision = #{revision}
            """)
    Optional<PaperDraft> findDraft(UUID clinicId, UUID id, int revision);

    @Select("""
            select u.bundle_hash
              from paper_publication u
              join paper p on p.id = u.paper_id
             where p.clinic_id = #{clinicId} and u.paper_id = #{id}
             order by u.revision desc
             limit 1
            """)
    Optional<String> findPublished(UUID clinicId, UUID id);

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
