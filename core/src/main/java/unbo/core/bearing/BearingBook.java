package unbo.core.bearing;

import java.util.List;

/** The one place that finds a bearing: the shipped tables and the workshop's own list together, its own first. */
public interface BearingBook {

    /** By what is stamped on it; never fails, an unknown marking is returned as such with its text kept. */
    Bearing decode(String marking);

    /** The same, where a taper set may be written CONE/CUP: then with the set's outside and assembled width. */
    Bearing decodeSet(String marking);

    /** The workshop's own, in its order. */
    List<OwnBearing> own();
}
