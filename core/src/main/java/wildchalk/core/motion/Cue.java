package wildchalk.core.motion;

/** What has to be seen or heard before somebody moves. */
enum Cue {
    /** Nothing: what is rehearsed, his own doing, or the step itself. */
    NONE,
    /** An expected sound: the whistle, or the only word that may be called. */
    SOUND,
    /** An expected sight: what somebody of his own side does, a ball that comes. */
    SIGHT,
    /** What an opponent does. */
    OPPONENT,
    /** One of several calls. */
    CALL
}
