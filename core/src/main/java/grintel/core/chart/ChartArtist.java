package grintel.core.chart;

import grintel.core.edit.NewImage;

/** Draws charts. */
@FunctionalInterface
public interface ChartArtist {
    /**
     * A chart as an image.
     *
     * @param width points
     * @param height points
     */
    NewImage draw(Chart chart, int width, int height);
}
