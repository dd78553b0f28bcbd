/** People with accounts, who is here, and what was done by whom. */
package unbo.app.people;
