/** The castellated nut as it is printed and drawn. */
package unbo.app.setting;
