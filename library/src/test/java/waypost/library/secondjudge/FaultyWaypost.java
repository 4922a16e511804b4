package waypost.library.secondjudge;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Loads Waypost anew with the classes of a folder in the place of its own. */
final class FaultyWaypost extends ClassLoader {

    private final Path folder;

    FaultyWaypost(Path folder) {
        super(FaultyWaypost.class.getClassLoader());
        this.folder = folder;
    }

    /** What the two judges disagree on, in the Waypost so loaded. */
    String firstDisagreement(int courses) {
        try {
            Class<?> agreement = loadClass(Agreement.class.getName());
            return (String) agreement.getMethod("firstDisagreement", int.class).invoke(null, courses);
        } catch (java.lang.reflect.InvocationTargetException failed) {
            return String.valueOf(failed.getCause());
        } catch (ReflectiveOperationException broken) {
            throw new IllegalStateException(broken);
        }
    }

    @Override
    protected Class<?> loadClass(String name, boolean resolve) throws ClassNotFoundException {
        if (!name.startsWith("waypost.")) {
            return super.loadClass(name, resolve);
        }
        synchronized (getClassLoadingLock(name)) {
            Class<?> loaded = findLoadedClass(name);
            return loaded != null ? loaded : define(name);
        }
    }

    private Class<?> define(String name) throws ClassNotFoundException {
        String file = name.replace('.', '/') + ".class";
        try (InputStream in = Files.exists(folder.resolve(file))
                ? Files.newInputStream(folder.resolve(file))
                : getParent().getResourceAsStream(file)) {
            if (in == null) {
                throw new ClassNotFoundException(name);
            }
            byte[] bytes = in.readAllBytes();
            return defineClass(name, bytes, 0, bytes.length);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
