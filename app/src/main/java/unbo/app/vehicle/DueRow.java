package unbo.app.vehicle;

import java.time.LocalDate;

/** A position that is due as the database tells it, without what is known of it. */
interface DueRow {

    Long getId();

    String getVehicle();

    String getKind();

    String getPlace();

    LocalDate getDueOn();

    Integer getDueImmersions();

    int getImmersed();

    Double getDueCounter();

    String getCounterUnit();

    String getDueWhy();

    String getNumbers();
}
