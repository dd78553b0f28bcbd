/** Causes of noise, play and heat, weighed by what was checked. */
package unbo.core.diagnosis;
