/** Ways to get a bearing out, by the path of the force. */
package unbo.core.strip;
