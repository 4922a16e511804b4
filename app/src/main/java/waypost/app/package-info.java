/** The web application: one package a feature, named as the menu names it; {@code store} holds what several share. */
@NullMarked
package waypost.app;

import org.jspecify.annotations.NullMarked;
