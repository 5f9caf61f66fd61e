package wildchalk.picture.style;

/**
 * What strokes mean. Schools of coaching differ: a solid line is a run for some and a pass for others. The legend always
 * says which code a picture uses.
 */
public enum StrokeCode {
    /** Ours: a run is plain; with the ball, beads ride along; a pass is long dashes; a shot a twin stroke with a bar. */
    CHALK,
    /** A run is plain, with the ball it is a wave; a pass is dashed; a shot a twin stroke with a head. */
    SOLID_RUN,
    /** A pass is plain; a run is dashed, with the ball it is a wave; a shot a twin stroke with a head. */
    SOLID_PASS
}
