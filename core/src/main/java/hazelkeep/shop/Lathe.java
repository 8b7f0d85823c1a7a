package hazelkeep.shop;

/**
 * The lathe.
 *
 * @param swing largest diameter that turns over the bed, mm
 * @param between largest length between centres, mm
 * @param slowest rpm
 * @param fastest rpm
 */
public record Lathe(double swing, double between, double slowest, double fastest) {}
