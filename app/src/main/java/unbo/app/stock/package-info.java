/** The shelf: shims by the piece, greases by the gram, guns as weighed. */
package unbo.app.stock;
