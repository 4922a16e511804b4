package waypost.library.secondjudge;

import java.io.IOException;
import java.io.InputStream;
import java.lang.instrument.ClassDefinition;
import java.lang.instrument.Instrumentation;
import java.lang.instrument.UnmodifiableClassException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import net.bytebuddy.agent.ByteBuddyAgent;

/**
 * Classes of a folder put in the place of the running ones, and taken out again on closing: what is read and warm stays so. The
 * machine takes other bodies of the same methods only.
 */
final class SwappedFault implements AutoCloseable {

    private static final Instrumentation MACHINE = ByteBuddyAgent.install();

    private final List<ClassDefinition> sound;

    private SwappedFault(List<ClassDefinition> sound) {
        this.sound = sound;
    }

    /** Empty where the machine does not take them, as when a lambda came or went. */
    static Optional<SwappedFault> of(Path folder) throws IOException, ReflectiveOperationException {
        List<ClassDefinition> faulty = new ArrayList<>();
        List<ClassDefinition> sound = new ArrayList<>();
        for (Path file : classes(folder)) {
            String path = folder.relativize(file).toString();
            Class<?> loaded = Class.forName(path.replace(".class", "").replace('/', '.'));
            faulty.add(new ClassDefinition(loaded, Files.readAllBytes(file)));
            try (InputStream own = SwappedFault.class.getResourceAsStream("/" + path)) {
                sound.add(new ClassDefinition(loaded, own.readAllBytes()));
            }
        }
        return taken(faulty) ? Optional.of(new SwappedFault(sound)) : Optional.empty();
    }

    private static List<Path> classes(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(file -> file.toString().endsWith(".class")).toList();
        }
    }

    private static boolean taken(List<ClassDefinition> classes) throws ReflectiveOperationException {
        try {
            MACHINE.redefineClasses(classes.toArray(ClassDefinition[]::new));
            return true;
        } catch (UnsupportedOperationException otherMethods) {
            return false;
        } catch (UnmodifiableClassException never) {
            throw new IllegalStateException(never);
        }
    }

    /** What the two judges disagree on while it is in place. */
    String firstDisagreement(int courses) {
        try {
            return Agreement.firstDisagreement(courses);
        } catch (StackOverflowError endless) {
            return endless.toString();
        }
    }

    @Override
    public void close() throws ReflectiveOperationException {
        if (!taken(sound)) {
            throw new IllegalStateException("classes: found that the sound ones are not taken back");
        }
    }
}
