package ripplerest.exchange.table;

/** CSV for people who open it in a spreadsheet. */
final class Spreadsheet {
  private Spreadsheet() {}

  /**
   * Words that a spreadsheet would take for a formula are marked as words (OWASP, CSV injection).
   */
  static String harmless(String words) {
    return words.matches("(?s)\\s*[=+\\-@|\\t\\r\\n].*") ? "'" + words : words;
  }

  /** The words behind such a mark. */
  static String plain(String words) {
    boolean marked = words.startsWith("'") && harmless(words.substring(1)).equals(words);
    return marked ? words.substring(1) : words;
  }
}
