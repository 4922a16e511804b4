package waypost.app.store;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import waypost.library.bundle.SourceText;

@Mapper
interface BundleMapper {

    @Insert("insert into bundle (hash) values (#{hash}) on conflict do nothing")
    int insertBundle(String hash);

    @Insert("insert into bundle_file (hash, file, text) values (#{hash}, #{file}, #{text})")
    int insertFile(String hash, String file, String text);

    @Select("select file, text from bundle_file where hash = #{hash} order by file")
    List<SourceText> findFiles(String hash);

    @Select("select text from bundle_file where hash = #{hash} and file = #{file}")
    Optional<String> findText(String hash, String file);

    @Select("""
            select b.hash, b.published_at::date as published
              from bundle b
              join bundle_file f on f.hash = b.hash
             where f.file = #{file}
             order by b.published_at
            """)
    List<BundleVersion> findVersions(String file);
}
