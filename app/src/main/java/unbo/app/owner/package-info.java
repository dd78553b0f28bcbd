/** What an owner answers after the first kilometres, by a link of his own. */
package unbo.app.owner;
