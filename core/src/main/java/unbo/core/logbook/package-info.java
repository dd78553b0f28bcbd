/** What is read off a row of jobs: how long each bearing ran, and how it ended. */
@NullMarked
package unbo.core.logbook;

import org.jspecify.annotations.NullMarked;
