package itrova.formats.cli;

/** Plans that prove the brakes of the demo's vehicles: what their traps are mended with. */
final class DemoPlans {
    private DemoPlans() {}

    /** A tandem master without residual valve, a booster, a valve for the drums behind. */
    static final String VAN = """
            {"parts":[{"code":"TM-106"},{"code":"BO-203"},{"code":"VA-301"},{"code":"AD-601"},{"code":"PA-703","axle":"front axle"}],"figures":{}}
            """;

    /** The rear discs are held back, stand on shoes in their hats, and the hidden residual valve goes with the master. */
    static final String COUPE = """
            {"parking":"drum_in_hat",
             "parts":[{"code":"TM-106"},{"code":"BO-204"},{"code":"VA-304"},{"code":"PA-701","axle":"rear axle"}],
             "figures":{"valve_knee_MPa":"0.3","hat_drum_diameter_mm":"165 mm","parking_gain":"40"}}
            """;

    static final String FIELD_CAR = """
            {"parts":[{"code":"TM-106"},{"code":"BO-202"},{"code":"VA-304"},{"code":"PA-704","axle":"front axle"}],
             "figures":{"valve_knee_MPa":"0.3","grade_held_percent":"25"}}
            """;

    /** An actuator of 1000 psi: enough for one kit's pistons, too little for another's. */
    static final String WEAK_ACTUATOR = """
            {"parts":[{"code":"AC-401"},{"code":"FL-802"},{"code":"LI-910"}],"figures":{}}
            """;

    static final String STRONG_ACTUATOR = """
            {"parts":[{"code":"AC-402"},{"code":"FL-802"},{"code":"LI-910"}],"figures":{}}
            """;
}
