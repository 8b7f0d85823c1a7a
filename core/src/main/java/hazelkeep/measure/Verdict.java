package hazelkeep.measure;

/**
 * What a judge found.
 *
 * @param code short stable name of the mistake, {@code wall-thin}
 * @param grade how grave
 * @param found the number found
 * @param limit the number it was held against
 * @param unit {@code mm}, {@code mm fit}, {@code ml}, {@code rpm}, {@code deg} or empty for a count
 * @param title the mistake in a few words
 * @param why why it matters, a sentence without numbers
 */
public record Verdict(
    String code, Grade grade, double found, double limit, String unit, String title, String why) {}
