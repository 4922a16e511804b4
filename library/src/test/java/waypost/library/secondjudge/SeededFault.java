package waypost.library.secondjudge;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/** A fault put into one source file of the core: a piece of code and what stands there instead. */
record SeededFault(String source, String code, String instead) {

    private static final Path CORE = Path.of("../core/src/main/java/waypost/core");

    /** Reads faults written as "file", "- code", "+ instead", a blank line between them. */
    static List<SeededFault> read(String text) {
        List<SeededFault> faults = new ArrayList<>();
        for (String block : text.strip().split("\n\\s*\n")) {
            String[] lines = block.lines().filter(line -> !line.startsWith("#")).toArray(String[]::new);
            if (lines.length == 3) {
                faults.add(new SeededFault(lines[0].strip(), lines[1].substring(2), lines[2].substring(2)));
            } else if (lines.length != 0) {
                throw new IllegalArgumentException("fault: found '" + block + "', allowed: file, - code, + instead");
            }
        }
        return faults;
    }

    /** Compiles the faulty source into a folder. */
    void compileInto(Path folder) {
        try {
            String sound = Files.readString(CORE.resolve(source));
            if (!sound.contains(code)) {
                throw new IllegalArgumentException(source + ": found no '" + code + "', allowed: code that is there");
            }
            Path faulty = folder.resolve("src").resolve(source);
            Files.createDirectories(faulty.getParent());
            Files.writeString(faulty, sound.replace(code, instead));
            compile(faulty, folder);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private void compile(Path faulty, Path folder) throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        List<String> options = List.of("-d", folder.toString(), "-proc:none", "-nowarn");
        try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null)) {
            boolean compiled = compiler.getTask(
                            null, files, problem -> {}, options, null, files.getJavaFileObjects(faulty))
                    .call();
            if (!compiled) {
                throw new IllegalArgumentException(source + ": found '" + instead + "', allowed: code that compiles");
            }
        }
    }

    @Override
    public String toString() {
        return source + ": " + code.strip() + " -> " + instead.strip();
    }
}
