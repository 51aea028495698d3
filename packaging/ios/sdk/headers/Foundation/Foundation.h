// What the shell uses of Foundation, declared anew from what the maker of the phones publishes of it (from memory). For the check on this computer
// alone: the project is built against the real headers.
#pragma once
#include <stdint.h>
#pragma clang assume_nonnull begin

typedef _Bool BOOL;
#define YES ((BOOL)1)
#define NO ((BOOL)0)
#ifndef NULL
#define NULL ((void *)0)
#endif
#ifndef nil
#define nil ((void *)0)
#endif
#define NS_ASSUME_NONNULL_BEGIN _Pragma("clang assume_nonnull begin")
#define NS_ASSUME_NONNULL_END _Pragma("clang assume_nonnull end")
#define MIN(a, b) ((a) < (b) ? (a) : (b))
typedef long NSInteger;
typedef unsigned long NSUInteger;
typedef double NSTimeInterval;
typedef double CGFloat;
extern double fmax(double, double);
typedef struct CGPoint { CGFloat x, y; } CGPoint;
typedef struct CGSize { CGFloat width, height; } CGSize;
typedef struct CGRect { CGPoint origin; CGSize size; } CGRect;
typedef struct _NSRange { NSUInteger location, length; } NSRange;
static inline NSRange NSMakeRange(NSUInteger location, NSUInteger length) { return (NSRange){location, length}; }
static inline CGRect CGRectMake(CGFloat x, CGFloat y, CGFloat width, CGFloat height) { return (CGRect){{x, y}, {width, height}}; }
extern CGFloat CGRectGetMinY(CGRect);
extern CGFloat CGRectGetMidX(CGRect);
extern CGFloat CGRectGetMidY(CGRect);
extern CGFloat CGRectGetMaxY(CGRect);

@class NSString, NSData, NSURL, NSError, NSDate, NSArray<__covariant ObjectType>, NSDictionary<__covariant KeyType, __covariant ObjectType>, NSCharacterSet,
    NSSet<__covariant ObjectType>, NSURLResponse;

typedef NSString *NSNotificationName;
typedef struct _NSZone NSZone;

@protocol NSObject
- (BOOL)isEqual:(id)object;
- (BOOL)isKindOfClass:(Class)kind;
@end
@protocol NSCopying
@end
@protocol NSMutableCopying
@end
@protocol NSSecureCoding
@end
@protocol NSFastEnumeration
- (NSUInteger)countByEnumeratingWithState:(void *)state objects:(id __unsafe_unretained _Nullable *_Nonnull)objects count:(NSUInteger)count;
@end

__attribute__((objc_root_class)) @interface NSObject <NSObject>
+ (instancetype)alloc;
+ (Class)class;
- (instancetype)init;
- (id)copy;
- (id)mutableCopy;
@end

@interface NSString : NSObject <NSCopying, NSMutableCopying, NSSecureCoding>
@property (readonly) NSUInteger length;
@property (readonly, copy) NSString *lastPathComponent;
@property (readonly, copy) NSString *pathExtension;
@property (readonly, copy) NSString *lowercaseString;
@property (readonly, copy) NSString *stringByDeletingPathExtension;
+ (instancetype)string;
+ (instancetype)stringWithFormat:(NSString *)format, ... __attribute__((format(__NSString__, 1, 2)));
- (nullable instancetype)initWithData:(NSData *)data encoding:(NSUInteger)encoding;
+ (nullable instancetype)stringWithContentsOfURL:(NSURL *)url encoding:(NSUInteger)encoding error:(NSError *_Nullable *_Nullable)error;
+ (nullable instancetype)stringWithContentsOfFile:(NSString *)path encoding:(NSUInteger)encoding error:(NSError *_Nullable *_Nullable)error;
- (BOOL)writeToURL:(NSURL *)url atomically:(BOOL)atomically encoding:(NSUInteger)encoding error:(NSError *_Nullable *_Nullable)error;
- (BOOL)writeToFile:(NSString *)path atomically:(BOOL)atomically encoding:(NSUInteger)encoding error:(NSError *_Nullable *_Nullable)error;
- (BOOL)isEqualToString:(NSString *)other;
- (BOOL)hasPrefix:(NSString *)prefix;
- (NSString *)substringFromIndex:(NSUInteger)from;
- (NSString *)substringToIndex:(NSUInteger)to;
- (NSRange)rangeOfComposedCharacterSequencesForRange:(NSRange)range;
- (NSString *)stringByAppendingString:(NSString *)other;
- (NSString *)stringByAppendingPathComponent:(NSString *)name;
- (nullable NSString *)stringByAppendingPathExtension:(NSString *)extension;
- (nullable NSString *)stringByAddingPercentEncodingWithAllowedCharacters:(NSCharacterSet *)allowed;
- (NSArray<NSString *> *)componentsSeparatedByString:(NSString *)separator;
- (nullable NSData *)dataUsingEncoding:(NSUInteger)encoding;
@end
@interface NSSimpleCString : NSString
@end
@interface NSConstantString : NSSimpleCString
@end
@interface NSMutableString : NSString
- (void)appendFormat:(NSString *)format, ... __attribute__((format(__NSString__, 1, 2)));
@end
enum { NSUTF8StringEncoding = 4 };

@interface NSNumber : NSObject <NSCopying>
+ (NSNumber *)numberWithBool:(BOOL)value;
@end
@interface NSValue : NSObject
@property (readonly) CGRect CGRectValue;
@end

@interface NSArray<__covariant ObjectType> : NSObject <NSCopying, NSMutableCopying, NSFastEnumeration>
@property (readonly) NSUInteger count;
@property (nullable, nonatomic, readonly) ObjectType firstObject;
@property (nullable, nonatomic, readonly) ObjectType lastObject;
+ (instancetype)arrayWithObjects:(const ObjectType _Nonnull[_Nonnull])objects count:(NSUInteger)count;
+ (instancetype)array;
- (NSString *)componentsJoinedByString:(NSString *)separator;
@end
@interface NSMutableArray<ObjectType> : NSArray <ObjectType>
- (void)addObject:(ObjectType)object;
@end
@interface NSSet<__covariant ObjectType> : NSObject <NSFastEnumeration>
+ (instancetype)setWithArray:(NSArray<ObjectType> *)objects;
- (nullable ObjectType)anyObject;
@end
@interface NSDictionary<__covariant KeyType, __covariant ObjectType> : NSObject <NSCopying, NSMutableCopying, NSFastEnumeration>
+ (instancetype)dictionaryWithObjects:(const ObjectType _Nonnull[_Nonnull])objects forKeys:(const id<NSCopying> _Nonnull[_Nonnull])keys count:(NSUInteger)count;
- (nullable ObjectType)objectForKeyedSubscript:(KeyType)key;
@end
@interface NSMutableDictionary<KeyType, ObjectType> : NSDictionary <KeyType, ObjectType>
- (void)setObject:(nullable ObjectType)object forKeyedSubscript:(id<NSCopying>)key;
@end

@interface NSData : NSObject <NSSecureCoding>
@property (readonly) NSUInteger length;
@property (readonly) const void *bytes;
+ (instancetype)data;
+ (nullable instancetype)dataWithContentsOfURL:(NSURL *)url;
@end
@interface NSDate : NSObject
+ (instancetype)dateWithTimeIntervalSinceNow:(NSTimeInterval)seconds;
@end
@interface NSError : NSObject
@property (readonly) NSInteger code;
@end
@interface NSException : NSObject
@property (readonly, copy) NSString *name;
@property (nullable, readonly, copy) NSString *reason;
@property (readonly, copy) NSArray<NSString *> *callStackSymbols;
@end
typedef void NSUncaughtExceptionHandler(NSException *exception);
extern NSUncaughtExceptionHandler *_Nullable NSGetUncaughtExceptionHandler(void);
extern void NSSetUncaughtExceptionHandler(NSUncaughtExceptionHandler *_Nullable);

@interface NSURL : NSObject <NSCopying, NSSecureCoding>
@property (nullable, readonly, copy) NSString *absoluteString;
@property (nullable, readonly, copy) NSString *scheme;
@property (nullable, readonly, copy) NSString *path;
@property (nullable, readonly, copy) NSURL *URLByStandardizingPath;
+ (nullable instancetype)URLWithString:(NSString *)text;
+ (NSURL *)fileURLWithPath:(NSString *)path;
- (nullable NSURL *)URLByAppendingPathComponent:(NSString *)name;
- (nullable NSURL *)URLByAppendingPathComponent:(NSString *)name isDirectory:(BOOL)isDirectory;
@end
@interface NSURLComponents : NSObject
@property (nullable, copy) NSString *percentEncodedFragment;
@property (nullable, readonly, copy) NSURL *URL;
+ (nullable instancetype)componentsWithURL:(NSURL *)url resolvingAgainstBaseURL:(BOOL)resolves;
@end
@interface NSURLRequest : NSObject
@property (nullable, readonly, copy) NSURL *URL;
+ (instancetype)requestWithURL:(NSURL *)url;
@end
enum { NSURLRequestReloadIgnoringLocalCacheData = 1 };
@interface NSMutableURLRequest : NSURLRequest
@property (copy) NSString *HTTPMethod;
@property (nullable, copy) NSData *HTTPBody;
+ (instancetype)requestWithURL:(NSURL *)url cachePolicy:(NSUInteger)policy timeoutInterval:(NSTimeInterval)seconds;
- (void)setValue:(nullable NSString *)value forHTTPHeaderField:(NSString *)field;
@end
@interface NSURLResponse : NSObject
@property (nullable, readonly, copy) NSString *suggestedFilename;
@end
@interface NSHTTPURLResponse : NSURLResponse
- (nullable instancetype)initWithURL:(NSURL *)url
                          statusCode:(NSInteger)status
                         HTTPVersion:(nullable NSString *)version
                        headerFields:(nullable NSDictionary<NSString *, NSString *> *)fields;
@end
@interface NSURLSessionTask : NSObject
- (void)resume;
@end
@interface NSURLSessionDataTask : NSURLSessionTask
@end
@interface NSURLSessionDownloadTask : NSURLSessionTask
@end
@interface NSURLSession : NSObject
@property (class, readonly) NSURLSession *sharedSession;
- (NSURLSessionDataTask *)dataTaskWithRequest:(NSURLRequest *)request
                            completionHandler:(void (^)(NSData *_Nullable data, NSURLResponse *_Nullable response, NSError *_Nullable error))done;
- (NSURLSessionDownloadTask *)downloadTaskWithURL:(NSURL *)url
                                completionHandler:(void (^)(NSURL *_Nullable file, NSURLResponse *_Nullable response, NSError *_Nullable error))done;
@end

@interface NSJSONSerialization : NSObject
+ (nullable id)JSONObjectWithData:(NSData *)data options:(NSUInteger)options error:(NSError *_Nullable *_Nullable)error;
+ (nullable NSData *)dataWithJSONObject:(id)object options:(NSUInteger)options error:(NSError *_Nullable *_Nullable)error;
@end
@interface NSUserDefaults : NSObject
@property (class, readonly) NSUserDefaults *standardUserDefaults;
- (nullable instancetype)initWithSuiteName:(nullable NSString *)suite;
- (nullable NSString *)stringForKey:(NSString *)key;
- (void)setObject:(nullable id)object forKey:(NSString *)key;
- (void)removeObjectForKey:(NSString *)key;
@end
@interface NSBundle : NSObject
@property (class, readonly) NSBundle *mainBundle;
@property (readonly, copy) NSURL *bundleURL;
@property (nullable, readonly, copy) NSString *bundleIdentifier;
- (nullable NSURL *)URLForResource:(nullable NSString *)name withExtension:(nullable NSString *)extension;
- (nullable id)objectForInfoDictionaryKey:(NSString *)key;
- (NSString *)localizedStringForKey:(NSString *)key value:(nullable NSString *)value table:(nullable NSString *)table;
@end
#define NSLocalizedString(key, comment) [NSBundle.mainBundle localizedStringForKey:(key) value:@"" table:nil]
@interface NSFileManager : NSObject
@property (class, readonly) NSFileManager *defaultManager;
- (BOOL)moveItemAtURL:(NSURL *)from toURL:(NSURL *)to error:(NSError *_Nullable *_Nullable)error;
- (BOOL)removeItemAtPath:(NSString *)path error:(NSError *_Nullable *_Nullable)error;
@end
extern NSString *NSTemporaryDirectory(void);
enum { NSCachesDirectory = 13, NSUserDomainMask = 1 };
extern NSArray<NSString *> *NSSearchPathForDirectoriesInDomains(NSUInteger directory, NSUInteger domains, BOOL expands);
extern NSString *NSStringFromClass(Class kind);

@interface NSNotification : NSObject
@property (nullable, readonly, copy) NSDictionary *userInfo;
@end
@interface NSNotificationCenter : NSObject
@property (class, readonly) NSNotificationCenter *defaultCenter;
- (void)addObserver:(id)observer selector:(SEL)selector name:(nullable NSNotificationName)name object:(nullable id)object;
- (void)postNotificationName:(NSNotificationName)name object:(nullable id)object;
@end
@interface NSUUID : NSObject
@property (readonly, copy) NSString *UUIDString;
+ (instancetype)UUID;
@end
@interface NSCharacterSet : NSObject
@end
@interface NSMutableCharacterSet : NSCharacterSet
+ (NSMutableCharacterSet *)characterSetWithCharactersInString:(NSString *)characters;
- (void)addCharactersInString:(NSString *)characters;
@end
@interface NSUserActivity : NSObject
@property (nullable, copy) NSDictionary *userInfo;
@property (nullable, readonly, copy) NSURL *webpageURL;
- (instancetype)initWithActivityType:(NSString *)type;
@end
@interface NSItemProvider : NSObject
- (BOOL)hasItemConformingToTypeIdentifier:(NSString *)type;
- (void)loadItemForTypeIdentifier:(NSString *)type
                          options:(nullable NSDictionary *)options
                completionHandler:(nullable void (^)(__kindof id<NSSecureCoding> _Nullable item, NSError *_Null_unspecified error))done;
@end
@interface NSExtensionItem : NSObject
@property (nullable, copy, nonatomic) NSArray<NSItemProvider *> *attachments;
@end
@interface NSExtensionContext : NSObject
@property (readonly, copy, nonatomic) NSArray *inputItems;
- (void)completeRequestReturningItems:(nullable NSArray *)items completionHandler:(nullable void (^)(BOOL expired))done;
@end

@protocol OS_dispatch_object
@end
typedef NSObject<OS_dispatch_object> *dispatch_queue_t;
typedef NSObject<OS_dispatch_object> *dispatch_group_t;
extern struct dispatch_queue_s _dispatch_main_q;
extern void dispatch_async(dispatch_queue_t queue, void (^block)(void));
extern dispatch_group_t dispatch_group_create(void);
extern void dispatch_group_enter(dispatch_group_t group);
extern void dispatch_group_leave(dispatch_group_t group);
extern void dispatch_group_notify(dispatch_group_t group, dispatch_queue_t queue, void (^block)(void));
static inline dispatch_queue_t dispatch_get_main_queue(void) { return (__bridge dispatch_queue_t)(void *)&_dispatch_main_q; }

#pragma clang assume_nonnull end
