/** Fields, lists of fields, and the one reader that turns texts into input records. */
package unbo.core.input;
