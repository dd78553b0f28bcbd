/** Judging what was taken out: bearings cleaned for use again, measured seats, compounds for a gap. */
package unbo.core.inspect;
