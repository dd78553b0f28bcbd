/** The practice bench: lessons on hidden truth, and a record of what is mastered. */
package unbo.app.practice;
