package hazelkeep.web.store;

import hazelkeep.measure.DimKey;
import java.time.Instant;
import java.util.Map;

/**
 * What closes a piece.
 *
 * @param version counts its changes
 * @param closed when
 * @param fitFelt the fit as it was felt
 * @param signature what was written on the foot
 * @param notes anything else
 * @param made made sizes, mm
 */
public record Closing(
    int version,
    Instant closed,
    String fitFelt,
    String signature,
    String notes,
    Map<DimKey, Double> made) {}
