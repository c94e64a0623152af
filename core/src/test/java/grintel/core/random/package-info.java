/** Papers and edits made by chance, for tests of what holds of any of them. */
package grintel.core.random;
