/** Photos of a job, upright, scaled and without what the camera wrote beside them. */
package unbo.app.photo;
