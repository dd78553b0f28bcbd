/** What turns how fast inside a bearing. */
package unbo.core.motion;
