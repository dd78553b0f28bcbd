/** What is judged, and how severe it is. */
package unbo.core.finding;
