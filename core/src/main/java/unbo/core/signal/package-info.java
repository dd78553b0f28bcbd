/** Recordings: bands, envelopes, and a bearing's lines held against chance. */
package unbo.core.signal;
