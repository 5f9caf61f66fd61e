package wildchalk.desktop.surface;

/** What a pull on a surface under construction draws. */
enum SurfaceTool {
    LINE,
    RECTANGLE,
    CIRCLE,
    SPOT,
    LANDMARK,
    ZONE,
    GOAL
}
