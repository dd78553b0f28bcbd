/** What a job needs, priced at two suppliers, and whether the whole assembly is the better buy. */
package unbo.core.parts;
