/** How hot and how cold parts are made so that they go together by hand. */
package unbo.core.heat;
