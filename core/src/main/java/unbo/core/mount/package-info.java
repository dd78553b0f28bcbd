/** How a bearing goes in, step by step. */
package unbo.core.mount;
