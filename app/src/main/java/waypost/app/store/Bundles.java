package waypost.app.store;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.bundle.SourceText;

/** Published bundles. They never change, so what was read once may be kept. */
@Service
public class Bundles implements SmartInitializingSingleton {

    private final BundleMapper mapper;
    private final Map<String, Bundle> read = new ConcurrentHashMap<>();

    Bundles(BundleMapper mapper) {
        this.mapper = mapper;
    }

    /** Stores a bundle unless it is there already. */
    @Transactional
    public Bundle publish(Bundle bundle) {
        if (mapper.insertBundle(bundle.hash()) == 1) {
            bundle.sources().forEach(source -> mapper.insertFile(bundle.hash(), source.file(), source.text()));
        }
        read.put(bundle.hash(), bundle);
        return bundle;
    }

    /** The bundle that ships with this version of the application; new courses are pinned to it. */
    public Bundle shipped() {
        return Shipped.BUNDLE;
    }

    /**
     * What ships is read and published before the application listens: reading takes seconds in a process that has just been
     * started, and whoever asked meanwhile would wait for them.
     */
    @Override
    @Transactional
    public void afterSingletonsInstantiated() {
        publish(Shipped.BUNDLE);
    }

    public Bundle get(String hash) {
        return read.computeIfAbsent(hash, this::load);
    }

    /** The published bundles that hold a protocol, oldest first. */
    @Transactional(readOnly = true)
    public List<BundleVersion> versions(String protocolId) {
        return mapper.findVersions("protocols/" + protocolId + ".yaml");
    }

    /** The text of one of a bundle's files; empty where it has none of this name. */
    @Transactional(readOnly = true)
    public String text(String hash, String file) {
        return mapper.findText(hash, file).orElse("");
    }

    private Bundle load(String hash) {
        List<SourceText> files = mapper.findFiles(hash);
        if (files.isEmpty()) {
            throw new IllegalStateException("bundle: found none with hash " + hash);
        }
        return Bundle.read(files);
    }

    private static final class Shipped {
        private static final Bundle BUNDLE = ShippedLibrary.read();
    }
}
