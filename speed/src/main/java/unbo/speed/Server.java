package unbo.speed;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The application's process as the system sees it (proc(5)), and its heap as jcmd tells. */
record Server(long pid) {

    private static final double TICKS_A_SECOND = 100;
    private static final int UTIME = 11;
    private static final Pattern USED = Pattern.compile("(?:def new generation|tenured generation).*?used (\\d+)K");

    /** CPU that it has taken so far, user and system, in seconds; told in steps of 0.01 s. */
    double cpu() throws IOException {
        String stat = Files.readString(Path.of("/proc/" + pid + "/stat"));
        String[] fields = stat.substring(stat.lastIndexOf(')') + 2).split(" ");
        return (Long.parseLong(fields[UTIME]) + Long.parseLong(fields[UTIME + 1])) / TICKS_A_SECOND;
    }

    long residentMb() throws IOException {
        return Files.readAllLines(Path.of("/proc/" + pid + "/status")).stream()
                .filter(l -> l.startsWith("VmRSS"))
                .mapToLong(l -> Long.parseLong(l.replaceAll("\\D+", "")) / 1024)
                .findFirst()
                .orElse(-1);
    }

    /** What is still held after the garbage is collected, in MB; the serial collector is meant. */
    double liveMb() throws IOException, InterruptedException {
        jcmd("GC.run");
        Matcher used = USED.matcher(jcmd("GC.heap_info"));
        double kb = 0;
        while (used.find()) {
            kb += Double.parseDouble(used.group(1));
        }
        return kb / 1024;
    }

    private String jcmd(String command) throws IOException, InterruptedException {
        Process asked = new ProcessBuilder("jcmd", String.valueOf(pid), command)
                .redirectErrorStream(true)
                .start();
        String said = new String(asked.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        if (asked.waitFor() != 0) {
            throw new IOException("jcmd " + command + ": " + said);
        }
        return said;
    }
}
