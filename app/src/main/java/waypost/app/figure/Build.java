package waypost.app.figure;

/** The lengths of a body's segments. */
final class Build {

    static final double TRUNK = 60;
    static final double NECK = 20;
    static final double HEAD = 10;
    static final double SHOULDERS = 24;
    static final double HIPS = 11;
    static final double UPPER_ARM = 34;
    static final double FOREARM = 29;
    static final double HAND = 12;
    static final double THIGH = 46;
    static final double SHANK = 44;
    static final double FOOT = 17;

    private Build() {}
}
