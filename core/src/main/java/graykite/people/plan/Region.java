package graykite.people.plan;

/** Which part of a head a mass makes: what a slider is about is told by it. */
public enum Region {
    SKULL,
    FACE,
    JAW,
    CHIN,
    CHEEK,
    MUZZLE,
    BROW,
    SOCKET,
    TEMPLE,
    NOSE,
    LIP
}
