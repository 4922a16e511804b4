package waypost.library;

import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;

/** The library that ships, read once for all tests of a process: nothing of a bundle can be changed. */
public final class Shipped {

    public static final Bundle BUNDLE = ShippedLibrary.read();

    private Shipped() {}
}
