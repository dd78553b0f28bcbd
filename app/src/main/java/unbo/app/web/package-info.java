/** Layout, security, drawings as SVG, fields as views, and breakdowns in sentences. */
package unbo.app.web;
