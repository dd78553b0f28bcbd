/** Numbers on rings and seals, read part by part. */
package unbo.core.designation;
