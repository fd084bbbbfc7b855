package ripplerest.exchange.format;

/**
 * Something that is not in an export because it could not be read.
 *
 * @param id its own
 * @param name for people
 * @param why in words
 */
public record Skipped(String id, String name, String why) {}
