/** Every tool by itself, beside a job and by JSON, made from its description. */
package unbo.app.tool;
