package unbo.core.tool;

/** What a tool is found by: the service that its class names. */
public sealed interface Offered permits Tool {}
