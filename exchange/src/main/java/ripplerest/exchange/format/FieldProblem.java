package ripplerest.exchange.format;

/**
 * What is wrong with one field.
 *
 * @param pointer JSON Pointer (RFC 6901) to the field
 * @param value what it is
 * @param bound what it must be
 * @param remedy what to do
 */
public record FieldProblem(String pointer, String value, String bound, String remedy) {}
