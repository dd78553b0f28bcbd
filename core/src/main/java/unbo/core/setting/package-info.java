/** Adjusting: castellated nuts, axle nuts, cones and locknuts, units. */
package unbo.core.setting;
