#import "LanaiFiles.h"

// Pages of this computer itself count as safe ones (W3C, Secure Contexts, 3.1): without that a page may not make keys or know where it is.
static NSString *const Host = @"localhost";

@implementation LanaiFiles

+ (NSString *)scheme
{
    return @"lanai";
}

+ (NSURL *)start
{
    return [NSURL URLWithString:[NSString stringWithFormat:@"%@://%@/index.html", self.scheme, Host]];
}

+ (BOOL)isOwn:(WKSecurityOrigin *)origin
{
    return [origin.protocol isEqualToString:self.scheme] && [origin.host isEqualToString:Host];
}

+ (NSString *)typeOf:(NSString *)file
{
    NSDictionary<NSString *, NSString *> *types = @{
        @"html" : @"text/html",
        @"js" : @"text/javascript",
        @"css" : @"text/css",
        @"woff2" : @"font/woff2",
        @"png" : @"image/png",
        @"svg" : @"image/svg+xml",
        @"json" : @"application/json",
    };
    return types[file.pathExtension.lowercaseString] ?: @"application/octet-stream";
}

- (void)webView:(WKWebView *)web startURLSchemeTask:(id<WKURLSchemeTask>)task
{
    NSURL *address = task.request.URL;
    NSURL *folder = [[NSBundle.mainBundle.bundleURL URLByAppendingPathComponent:@"www" isDirectory:YES] URLByStandardizingPath];
    NSURL *file = [[folder URLByAppendingPathComponent:address.path] URLByStandardizingPath];
    // Nothing outside of the folder, whatever the address says.
    BOOL isInside = [file.path hasPrefix:[folder.path stringByAppendingString:@"/"]];
    NSData *contents = isInside ? [NSData dataWithContentsOfURL:file] : nil;
    NSDictionary<NSString *, NSString *> *headers = @{
        @"Content-Type" : [LanaiFiles typeOf:file.path],
        @"Content-Length" : [NSString stringWithFormat:@"%lu", (unsigned long)contents.length],
        @"Cache-Control" : @"no-store",
    };
    NSHTTPURLResponse *response = [[NSHTTPURLResponse alloc] initWithURL:address statusCode:contents == nil ? 404 : 200 HTTPVersion:@"HTTP/1.1"
                                                            headerFields:headers];
    [task didReceiveResponse:response];
    [task didReceiveData:contents ?: [NSData data]];
    [task didFinish];
}

- (void)webView:(WKWebView *)web stopURLSchemeTask:(id<WKURLSchemeTask>)task
{
    // Each is answered at once: there is nothing to stop.
}

@end
