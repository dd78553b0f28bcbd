/** What is under way, what is due, and the search. */
package unbo.app.board;
