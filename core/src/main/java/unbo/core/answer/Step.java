package unbo.core.answer;

/** One step of a procedure; the caution, when there is one, stands before it. @param code stable, for its tick */
public record Step(String code, String text, String caution) {}
